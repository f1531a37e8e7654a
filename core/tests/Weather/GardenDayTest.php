<?php

declare(strict_types=1);

use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\BestHours;
use IdleMixer\Core\Weather\GardenDay;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Wording\GardenDayWords;

/*
 * The day in the garden in one sentence, read by eye from the hours that are put in. Calm is what a mist bears well: up to 15 km/h
 * (Australian Bureau of Meteorology, as in the hours); rain counts from 0.2 mm an hour, the house's own line.
 */

function vienna(): Place
{
    return new Place(48.2, 16.4, new DateTimeZone('Europe/Vienna'));
}

/**
 * Three days from midnight of the place on.
 *
 * @param array<int, float> $rain mm, by hour
 * @param array<int, float> $wind km/h, by hour; 5 elsewhere
 *
 * @return list<ToldHour>
 */
function threeDays(array $rain = [], array $wind = []): array
{
    $from = (new DateTimeImmutable('2026-06-15T00:00', new DateTimeZone('Europe/Vienna')))->getTimestamp();

    return array_map(static fn(int $hour): ToldHour => new ToldHour($from + 3600 * $hour, 18.0, 60.0, $wind[$hour] ?? 5.0, $rain[$hour] ?? 0.0, 20.0), range(0, 71));
}

it('says what the sky does', function (array $rain, array $wind, string $said): void {
    /** @var array<int, float> $rain */
    /** @var array<int, float> $wind */
    $now = new DateTimeImmutable('2026-06-15T09:20', new DateTimeZone('Europe/Vienna'));
    $day = GardenDay::of(vienna(), threeDays($rain, $wind), $now);
    expect((new GardenDayWords())->sky($day, $now, vienna()->zone))->toBe($said)->and($day->hours)->toHaveCount(24);
})->with([
    'nothing' => [[], [], 'Calm, dry as far as told.'],
    'rain this afternoon' => [[14 => 1.0], [], 'Calm, rain from 14:00.'],
    'rain now' => [[9 => 0.5], [], 'Calm, it rains.'],
    'rain this morning, over' => [[7 => 4.0], [], 'Calm, dry as far as told.'],
    'a drop that is no rain' => [[14 => 0.1], [], 'Calm, dry as far as told.'],
    'rain the day after tomorrow' => [[50 => 2.0], [], 'Calm, dry till Wednesday.'],
    'wind this evening' => [[], [18 => 16.0], 'Windy, dry as far as told.'],
    'wind last night, and tomorrow' => [[], [2 => 40.0, 30 => 40.0], 'Calm, dry as far as told.'],
    'as much wind as is borne' => [[], [18 => 15.0], 'Calm, dry as far as told.'],
]);

it('says when to spray: in the hours that all have in common, else first in those that end first', function (bool $due, array $best, string $said): void {
    $now = new DateTimeImmutable('2026-06-15T09:20', new DateTimeZone('Europe/Vienna'));
    $at = static fn(mixed $hour): DateTimeImmutable => (new DateTimeImmutable('2026-06-15T00:00', new DateTimeZone('Europe/Vienna')))->modify('+' . (is_int($hour) ? $hour : 0) . ' hours');
    $hours = array_values(array_map(static fn(mixed $one): BestHours => new BestHours($at(is_array($one) ? $one[0] : 0), $at(is_array($one) ? $one[1] : 0)), $best));
    expect((new GardenDayWords())->spray($due, $hours, $now, vienna()->zone))->toBe($said);
})->with([
    'nothing is due' => [false, [], 'Nothing to spray today.'],
    'nothing is due, whatever the hours' => [false, [[18, 21]], 'Nothing to spray today.'],
    'nobody chose yet with what' => [true, [], 'Choose a spray: its hours follow.'],
    'this evening' => [true, [[18, 21]], 'Spray between 18:00 and 21:00.'],
    'it has begun' => [true, [[7, 11]], 'Spray until 11:00.'],
    'in a room' => [true, [[0, 48]], 'Spray at any hour.'],
    'two that overlap' => [true, [[17, 20], [18, 21]], 'Spray between 18:00 and 20:00.'],
    'one in a room, one out of doors' => [true, [[0, 48], [18, 21]], 'Spray between 18:00 and 21:00.'],
    'two that have nothing in common' => [true, [[18, 21], [10, 12]], 'Spray first between 10:00 and 12:00.'],
    'one after the other' => [true, [[10, 12], [12, 14]], 'Spray first between 10:00 and 12:00.'],
]);

it('has the sun of the place, and what a spray bears', function (): void {
    $now = new DateTimeImmutable('2026-06-15T09:20', new DateTimeZone('Europe/Vienna'));
    $day = GardenDay::of(vienna(), threeDays(), $now);
    $bears = static fn(string $recipe): array => GardenDay::bearable(SprayWants::shipped()->of(CourseMethods::shipped()->of(RecipeCatalogue::shipped()->get($recipe), null, null, new PlantNow())->mixture, RecipeUse::Foliar));
    [$cold, $hot] = $bears('castile-and-kitchen-oil');
    [$soapCold, $soapHot] = $bears('plain-soap');
    // Vienna in the middle of June: sunrise 4:54, sunset 20:57 (almanac, from memory).
    expect(abs(($day->sun->rise ?? 0) - (new DateTimeImmutable('2026-06-15T04:54', vienna()->zone))->getTimestamp()))->toBeLessThan(180)
        ->and(abs(($day->sun->set ?? 0) - (new DateTimeImmutable('2026-06-15T20:57', vienna()->zone))->getTimestamp()))->toBeLessThan(180)
        // Oil with soap in it bears no more than soap alone.
        ->and($cold)->toBeLessThan($hot)->and($hot)->toBeGreaterThan(25.0)->and($hot <= $soapHot && $cold >= $soapCold)->toBeTrue()
        ->and(GardenDay::of(vienna(), [], $now)->rainsAt)->toBeNull();
});
