<?php

declare(strict_types=1);

use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\CourseAsk;
use IdleMixer\Core\Course\CourseMethods;
use IdleMixer\Core\Course\CoursePlanner;
use IdleMixer\Core\Course\Recorded;
use IdleMixer\Core\Course\RecordKind;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Schedule\FreeDays;
use IdleMixer\Core\Schedule\FreeFrom;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Weather\HourVerdict;
use IdleMixer\Core\Weather\Window;

/*
 * On which days somebody has time for a round, right answers written down before the rules. Common practice, no source: the nearest day that one
 * has, and the earlier of two as near, for what hatches meanwhile grows up; never sooner than the leaf bears it, never before today; before one
 * goes away rather than after, where that is nearer; a day that was chosen is had, whatever weekday it is, unless one is away.
 */

const MONDAY = 1;
const TUESDAY = 2;
const THURSDAY = 4;
const FRIDAY = 5;
const SATURDAY = 6;
const SUNDAY = 7;
const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

function freeAt(string $day, int $hour = 19): DateTimeImmutable
{
    return new DateTimeImmutable("2026-06-{$day}T{$hour}:00:00Z");
}

/**
 * Sprayed on Monday the 1st, borne again from the 3rd on, planned for Monday the 8th; asked on the 2nd.
 *
 * @param list<int>                    $weekdays
 * @param list<array{string, string}>  $away
 * @param array<string, mixed>         $known further facts of `RoundFacts`, by name
 */
function freeDue(array $weekdays, array $away, array $known = [], string $planned = '08', string $now = '02'): string
{
    /** @var array{last?: DateTimeImmutable|null, earliest?: DateTimeImmutable, washedOff?: DateTimeImmutable, cleanLooks?: int, windows?: list<Window>, forecastEnd?: DateTimeImmutable, restsUntil?: DateTimeImmutable, blooms?: array{null, DateTimeImmutable}, wantedSince?: DateTimeImmutable, testUntil?: DateTimeImmutable, dryUntil?: DateTimeImmutable, setOut?: DateTimeImmutable} $known */
    $facts = new RoundFacts(
        array_key_exists('last', $known) ? $known['last'] : freeAt('01'),
        $known['earliest'] ?? freeAt('03'),
        $known['washedOff'] ?? null,
        $known['cleanLooks'] ?? 0,
        $known['testUntil'] ?? null,
        $known['windows'] ?? null,
        $known['forecastEnd'] ?? freeAt('01'),
        $known['restsUntil'] ?? null,
        blooms: $known['blooms'] ?? null,
        dryUntil: $known['dryUntil'] ?? null,
        wantedSince: $known['wantedSince'] ?? null,
        setOut: $known['setOut'] ?? null,
        free: FreeDays::of($weekdays, $away),
    );
    $due = RoundMoves::of(freeAt($planned), $facts, freeAt($now, 12));

    return trim(($due->at?->format('d') ?? 'never') . ' ' . implode(' ', array_map(static fn(MovedDate $one): string => $one->code, $due->moves)));
}

it('puts a round on a day that one has', function (array $weekdays, array $away, string $said, array $known = [], string $planned = '08', string $now = '02'): void {
    /**
     * @var list<int>                   $weekdays
     * @var list<array{string, string}> $away
     * @var array<string, mixed>        $known
     */
    expect(freeDue($weekdays, $away, $known, $planned, $now))->toBe($said);
})->with([
    'every day' => [EVERY_DAY, [], '08'],
    'at weekends' => [[SATURDAY, SUNDAY], [], '07 own-days'],
    'on Fridays: three days before, four after' => [[FRIDAY], [], '05 own-days'],
    'on Thursdays: four before, three after' => [[THURSDAY], [], '11 own-days'],
    'as near before as after' => [[FRIDAY, THURSDAY], [], '05 own-days'],
    'before it the leaf does not bear it' => [[FRIDAY], [], '12 own-days', ['earliest' => freeAt('06')]],
    'before it is over' => [[FRIDAY], [], '12 own-days', [], '08', '06'],
    'away from the 6th to the 14th: before one goes' => [EVERY_DAY, [['2026-06-06', '2026-06-14']], '05 own-days'],
    'away from the 5th to the 9th: when one is back' => [EVERY_DAY, [['2026-06-05', '2026-06-09']], '10 own-days'],
    'away twice, with a day in between' => [EVERY_DAY, [['2026-06-02', '2026-06-08'], ['2026-06-10', '2026-06-20']], '09 own-days'],
    'away, and only Tuesdays' => [[TUESDAY], [['2026-06-08', '2026-06-10']], '16 own-days'],
    'a first round is not before it is wanted' => [[FRIDAY], [], '05 own-days', ['last' => null, 'earliest' => freeAt('02')], '02'],
    'rain washed the last one off, and one is away' => [EVERY_DAY, [['2026-06-03', '2026-06-05']], '06 washed-off own-days', ['washedOff' => freeAt('02', 8)]],
    'its leaves burnt: never before it has rested' => [EVERY_DAY, [['2026-06-13', '2026-06-20']], '21 burnt own-days', ['restsUntil' => freeAt('15')]],
    'what is overdue waits for a day, too' => [[SATURDAY], [], '13 own-days', [], '08', '09'],
    'a weekday that was chosen is had' => [[SATURDAY], [], '08', ['wantedSince' => freeAt('01')]],
    'but not while one is away' => [EVERY_DAY, [['2026-06-08', '2026-06-09']], '07 own-days', ['wantedSince' => freeAt('01')]],
    'two clean looks end it all the same' => [[SATURDAY], [], 'never two-clean-looks', ['cleanLooks' => 2]],
    'no day at all is every day' => [[], [], '08'],
    // What keeps the spray off until a day keeps it off the days before, whatever was planned.
    'dry at the root today, and away from tomorrow on: when one is back' => [EVERY_DAY, [['2026-06-03', '2026-06-07']], '08 own-days', ['dryUntil' => freeAt('03'), 'earliest' => freeAt('02')], '03'],
    'in bloom until Saturday: not on the Friday before' => [[FRIDAY], [], '12 own-days', ['blooms' => [null, freeAt('06')]]],
    'two weeks from insects to Saturday: not on the Friday before' => [[FRIDAY], [], '12 own-days', ['setOut' => new DateTimeImmutable('2026-05-23T19:00:00Z')]],
    'a test that is read on Saturday: not on the Friday before' => [[FRIDAY], [], '12 own-days', ['testUntil' => freeAt('06')]],
    'burnt leaves that rest until Saturday: not on the Friday before' => [[FRIDAY], [], '12 own-days', ['restsUntil' => freeAt('06')]],
    'a test that is read on Thursday: on the Friday before' => [[FRIDAY], [], '05 own-days', ['testUntil' => freeAt('04')]],
    'away for good: it stays, and is overdue' => [EVERY_DAY, [['2026-06-01', '2028-01-01']], '08'],
]);

it('takes only hours of days that one has', function (): void {
    $hours = static fn(string $day): Window => new Window(freeAt($day, 18)->getTimestamp(), freeAt($day, 20)->getTimestamp(), HourVerdict::Good, null);
    $told = ['forecastEnd' => freeAt('14', 0)];
    // Saturday the 6th and Sunday the 7th are had: rain all day on both, Tuesday is fine and not had, and the next Saturday is.
    expect(freeDue([SATURDAY, SUNDAY], [], ['windows' => [$hours('09'), $hours('13')], ...$told]))->toBe('13 own-days no-good-hour')
        ->and(freeDue([SATURDAY, SUNDAY], [], ['windows' => [$hours('06'), $hours('07'), $hours('09')], ...$told]))->toBe('07 own-days')
        ->and(freeDue(EVERY_DAY, [], ['windows' => [$hours('09')], ...$told]))->toBe('09 no-good-hour')
        // The forecast ends on a Sunday, and its one good day is a Tuesday: then on the Saturday after.
        ->and(freeDue([SATURDAY], [], ['windows' => [$hours('09')], ...$told]))->toBe('20 no-hour-this-week own-days')
        // In bloom until Wednesday: on the Saturday, and both are said.
        ->and(freeDue([SATURDAY], [], ['blooms' => [null, freeAt('10')]]))->toBe('13 in-bloom own-days')
        // Indoors the hours of many days are one stretch.
        ->and(freeDue([THURSDAY], [], ['windows' => [new Window(freeAt('02', 12)->getTimestamp(), freeAt('13', 20)->getTimestamp(), HourVerdict::Good, null)], ...$told]))->toBe('11 own-days');
});

it('puts every round of a course on days that one has, and none sooner than leaves bear it', function (): void {
    $plant = new PlantNow(ToleranceCatalogue::shipped()->get('tough-leaf'));
    $neem = CourseMethods::shipped()->of(RecipeCatalogue::shipped()->get('neem-by-the-gallon'), null, null, $plant);
    $rounds = static function (FreeDays $free) use ($plant, $neem): array {
        // Sprayed on Monday the 1st, and every week from then on; asked on the 2nd.
        $ask = new CourseAsk(null, $plant, [$neem], Pressure::Prevention, 1, 20.0, 7, record: [new Recorded(0, RecordKind::Round, 'neem-by-the-gallon')], free: new FreeFrom($free, new DateTimeImmutable('2026-06-01')));
        $acts = array_filter(CoursePlanner::shipped()->plan($ask)->entries, static fn(Act $act): bool => $act->kind === ActKind::Round && ! $act->done);

        return array_map(static fn(Act $act): int => $act->day, array_slice(array_values($acts), 0, 2));
    };
    expect($rounds(FreeDays::every()))->toBe([7, 14])
        ->and($rounds(FreeDays::of([TUESDAY], [])))->toBe([8, 15])
        // Tuesday the 2nd would be nearer than the 16th, and is the day after the last.
        ->and($rounds(FreeDays::of([TUESDAY], [['2026-06-03', '2026-06-15']])))->toBe([15, 22]);
});

it('knows which days are had', function (): void {
    $free = FreeDays::of([MONDAY, SATURDAY], [['2026-06-06', '2026-06-07']]);
    expect(array_map($free->isFree(...), ['2026-06-01', '2026-06-02', '2026-06-06', '2026-06-13']))->toBe([true, false, false, true])
        ->and(array_map($free->isAway(...), ['2026-06-05', '2026-06-06', '2026-06-07', '2026-06-08']))->toBe([false, true, true, false])
        ->and(FreeDays::of(EVERY_DAY, [])->areAll())->toBeTrue()
        ->and($free->areAll())->toBeFalse();
});

it('refuses what is no weekday, no day, or ends before it begins', function (array $weekdays, array $away, string $said): void {
    /**
     * @var list<int>                   $weekdays
     * @var list<array{string, string}> $away
     */
    expect(static fn(): FreeDays => FreeDays::of($weekdays, $away))->toThrow(InvalidArgumentException::class, $said);
})->with([
    'day 8' => [[8], [], '8'],
    'day 0' => [[0], [], '0'],
    'back before one goes' => [[1], [['2026-06-07', '2026-06-06']], '2026-06-06'],
]);
