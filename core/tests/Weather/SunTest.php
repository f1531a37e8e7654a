<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\NodeScript;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Sun;

function placeAt(float $latitude, float $longitude, string $zone = 'UTC'): Place
{
    return new Place($latitude, $longitude, new DateTimeZone($zone));
}

// Reference library suncalc (npm): elevation within half a degree, rise and set within 5 minutes.
it('has the sun where the reference library has it', function (): void {
    $asked = [];
    foreach ([0.0, 35.0, 50.0, -35.0, 60.0] as $latitude) {
        foreach ([-120.0, 0.0, 10.0, 150.0] as $longitude) {
            foreach (['2026-03-20', '2026-06-21', '2026-09-23', '2026-12-21', '2028-02-29'] as $day) {
                $asked[] = ['latitude' => $latitude, 'longitude' => $longitude, 'at' => (new DateTimeImmutable("{$day}T12:00:00Z"))->getTimestamp() - (int) ($longitude * 240.0)];
            }
        }
    }
    $told = NodeScript::run(<<<'JS'
        import * as library from 'suncalc';
        const { getPosition, getTimes } = library.default ?? library;
        const asked = JSON.parse(await new Promise((done) => { let all = ''; process.stdin.on('data', (part) => (all += part)).on('end', () => done(all)); }));
        console.log(JSON.stringify(asked.map(({ latitude, longitude, at }) => {
            const times = getTimes(new Date(at * 1000), latitude, longitude);
            const high = [-5, -2, 0, 3, 6].map((hours) => getPosition(new Date((at + 3600 * hours) * 1000), latitude, longitude).altitude);
            return { rise: times.sunrise.getTime() / 1000, set: times.sunset.getTime() / 1000, high };
        })));
        JS, $asked);
    expect(count($told))->toBe(100);
    foreach ($asked as $i => $one) {
        $reference = $told[$i];
        assert(is_array($reference) && is_array($reference['high']) && is_numeric($reference['rise']) && is_numeric($reference['set']));
        $place = placeAt($one['latitude'], $one['longitude']);
        $day = Sun::day($place, new DateTimeImmutable('@' . $one['at']));
        expect($day->rise)->toEqualWithDelta((float) $reference['rise'], 300.0, "at place {$i}")->and($day->set)->toEqualWithDelta((float) $reference['set'], 300.0, "at place {$i}");
        foreach ([-5, -2, 0, 3, 6] as $k => $hours) {
            $high = $reference['high'][$k];
            assert(is_float($high) || is_int($high));
            expect(Sun::elevation($place, $one['at'] + 3600 * $hours))->toEqualWithDelta((float) $high, 0.5, "at place {$i}");
        }
    }
});

// PHP's own sun, as a second look.
it('has sunrise and sunset where PHP has them', function (float $latitude, string $day): void {
    $info = date_sun_info((new DateTimeImmutable("{$day}T12:00:00Z"))->getTimestamp(), $latitude, 10.0);
    $sun = Sun::day(placeAt($latitude, 10.0), new DateTimeImmutable("{$day}T12:00:00Z"));
    expect($sun->rise)->toEqualWithDelta($info['sunrise'], 300.0)->and($sun->set)->toEqualWithDelta($info['sunset'], 300.0)->and($sun->noon)->toEqualWithDelta($info['transit'], 120.0);
})->with([[50.0, '2026-06-21'], [50.0, '2026-12-21'], [-35.0, '2026-06-21'], [-35.0, '2026-12-21'], [0.0, '2026-03-20']]);

// Reference library suncalc (npm): its dusk is the end of civil twilight, where the sun stands 6° below the horizon; within 5 minutes. PHP's
// own sun as a second look, within 3.
it('becomes dark when civil twilight ends', function (): void {
    $asked = [];
    foreach ([0.0, 35.0, 50.0, -35.0, 55.0] as $latitude) {
        foreach (['2026-03-20', '2026-06-21', '2026-09-23', '2026-12-21'] as $day) {
            $asked[] = ['latitude' => $latitude, 'at' => (new DateTimeImmutable("{$day}T12:00:00Z"))->getTimestamp()];
        }
    }
    $dusk = NodeScript::run(<<<'JS'
        import * as library from 'suncalc';
        const { getTimes } = library.default ?? library;
        const asked = JSON.parse(await new Promise((done) => { let all = ''; process.stdin.on('data', (part) => (all += part)).on('end', () => done(all)); }));
        console.log(JSON.stringify(asked.map(({ latitude, at }) => Math.round(getTimes(new Date(at * 1000), latitude, 10).dusk.getTime() / 1000))));
        JS, $asked);
    expect(count($dusk))->toBe(20);
    foreach ($asked as $i => ['latitude' => $latitude, 'at' => $noon]) {
        $reference = $dusk[$i];
        assert(is_int($reference));
        $place = placeAt($latitude, 10.0);
        $dark = Sun::darkWithin($place, $noon, 39_600);
        expect($dark)->toEqualWithDelta($reference, 300, "at place {$i}")->and($dark)->toEqualWithDelta(date_sun_info($noon, $latitude, 10.0)['civil_twilight_end'], 180, "at place {$i}")
            // Told to the minute before.
            ->and(($dark ?? 1) % 60)->toBe(0);
        expect(Sun::elevation($place, $dark ?? 0))->toBeGreaterThanOrEqual(-6.0)->and(Sun::elevation($place, ($dark ?? 0) + 60))->toBeLessThan(-6.0);
        // Not within the hour before, not where it is dark already, and not while it dawns.
        expect(Sun::darkWithin($place, ($dark ?? 0) - 3600, 3599))->toBeNull()->and(Sun::darkWithin($place, ($dark ?? 0) + 60, 3600))->toBeNull()
            ->and(Sun::darkWithin($place, $noon - 36_000, 18_000))->toBeNull();
    }
});

it('does not become dark where the sun stays up, or in a white night', function (float $latitude, string $day): void {
    expect(Sun::darkWithin(placeAt($latitude, 20.0), (new DateTimeImmutable("{$day}T12:00:00Z"))->getTimestamp(), 40_000))->toBeNull();
})->with([[70.0, '2026-06-21'], [65.0, '2026-06-21'], [75.0, '2026-12-21']]);

// By astronomy: at noon of a solstice the sun stands at 90° less the distance of the latitude from the tropic (23.44°).
it('stands at noon as high as the tropics say', function (float $latitude, string $day, float $high): void {
    $place = placeAt($latitude, 0.0);
    expect(Sun::elevation($place, Sun::day($place, new DateTimeImmutable("{$day}T12:00:00Z"))->noon))->toEqualWithDelta($high, 0.1);
})->with([
    [50.0, '2026-06-21', 63.44],
    [50.0, '2026-12-21', 16.56],
    [-35.0, '2026-12-21', 78.44],
    [-35.0, '2026-06-21', 31.56],
    [23.44, '2026-06-21', 90.0],
]);

it('knows polar day and polar night', function (float $latitude, string $day, bool $up): void {
    $sun = Sun::day(placeAt($latitude, 20.0), new DateTimeImmutable("{$day}T12:00:00Z"));
    expect([$sun->rise, $sun->set, $sun->isUp])->toBe([null, null, $up]);
})->with([[70.0, '2026-06-21', true], [70.0, '2026-12-21', false], [-70.0, '2026-06-21', false], [-70.0, '2026-12-21', true], [90.0, '2026-06-21', true], [90.0, '2026-12-21', false], [-90.0, '2026-12-21', true]]);

it('takes the day by the clock of the place', function (): void {
    // It is already the 22nd in Auckland; the sun of that day rises there while it is still the 21st in Greenwich.
    $place = placeAt(-36.8, 174.8, 'Pacific/Auckland');
    $sun = Sun::day($place, new DateTimeImmutable('2026-12-21T13:00:00Z'));
    expect((new DateTimeImmutable("@{$sun->rise}"))->setTimezone($place->zone)->format('Y-m-d'))->toBe('2026-12-22')
        ->and((new DateTimeImmutable("@{$sun->set}"))->setTimezone($place->zone)->format('Y-m-d'))->toBe('2026-12-22');
});
