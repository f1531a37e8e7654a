<?php

declare(strict_types=1);

use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Habit\Clock;
use IdleMixer\Core\Habit\DateOrder;
use IdleMixer\Core\Habit\Habits;
use IdleMixer\Core\Habit\Warmth;
use IdleMixer\Core\Habit\Written;

/*
 * Weather, hours and days in the household's own way. Fixed points: water freezes at 32 °F and boils at 212 °F, -40 is the same in both
 * (definition of the degree Fahrenheit); 1 in = 25.4 mm and 1 mi = 1.609344 km (international yard and pound, 1959). Beaufort 3 is
 * 12 to 19 km/h or 8 to 12 mph, 4 is 20 to 28 km/h or 13 to 18 mph (World Meteorological Organization, from memory).
 */

afterEach(function (): void {
    Written::by(null);
});

it('writes warmth, its differences, wind and rain as the table has them, which the screens are held to, too', function (): void {
    $table = JsonText::parse((string) file_get_contents(__DIR__ . '/written.json'))->open();
    $read = 0;
    foreach ($table->keys() as $code) {
        Written::by(Habits::ofCode($code));
        $kinds = $table->get($code)->open();
        foreach ($kinds->keys() as $kind) {
            $figures = $kinds->get($kind)->open();
            foreach ($figures->keys() as $figure) {
                expect(Written::marked("{figure:{$kind}}", ['figure' => (float) $figure]))->toBe($figures->get($figure)->text(20), "{$code}, {$kind} {$figure}");
                ++$read;
            }
        }
    }
    expect($read)->toBeGreaterThan(25);
});

it('writes hours and days', function (Habits $habits, array $wanted): void {
    Written::by($habits);
    $at = new DateTimeImmutable('2026-12-01T17:05:00Z');
    $night = new DateTimeImmutable('2026-06-09T00:30:00Z');
    expect([Written::hour($at), Written::hour($night), Written::day($at), Written::longDay($night), Written::dayOfYear($at), Written::weekdayAndHour($at)])->toBe($wanted);
})->with([
    // As CLDR has them for British and American English.
    'day first, by 24 hours' => [new Habits(), ['17:05', '00:30', '1 Dec', '9 June', '1 Dec 2026', 'Tue 1 Dec, 17:05']],
    'month first, by 12 hours' => [new Habits(clock: Clock::Twelve, dates: DateOrder::MonthFirst), ['5:05 pm', '12:30 am', 'Dec 1', 'June 9', 'Dec 1, 2026', 'Tue Dec 1, 5:05 pm']],
]);

it('puts figures into a sentence where it marks them, and leaves what is no figure', function (): void {
    Written::by(new Habits(warmth: Warmth::Fahrenheit));
    expect(Written::marked('Too hot for {what}: {celsius:warmth} (at most {limit:warmth}), {delta:warmer} at 10:00.', ['what' => 'oil', 'celsius' => 35, 'limit' => 32.0]))
        ->toBe('Too hot for {what}: 95 °F (at most 90 °F), {delta:warmer} at 10:00.');
});

it('writes a tenth more where two figures that differ would read alike', function (): void {
    $hot = static fn(float $celsius): string => Written::marked('{celsius:warmth} (at most {limit:warmth})', ['celsius' => $celsius, 'limit' => 32.0]);
    Written::by(new Habits(warmth: Warmth::Fahrenheit));
    expect([$hot(32.1), $hot(32.0), $hot(34.0)])->toBe(['89.8 °F (at most 89.6 °F)', '90 °F (at most 90 °F)', '93 °F (at most 90 °F)']);
    Written::by(null);
    expect(Written::marked('{wind:wind} (at most {limit:wind})', ['wind' => 15.3, 'limit' => 15.0]))->toBe('15.3 km/h (at most 15 km/h)');
});

it('is told by a code, and takes no other', function (): void {
    foreach (['24 C km/h mm point day-first', '12 F mph in point month-first', '24 C km/h mm comma day-first'] as $code) {
        expect(Habits::ofCode($code)?->code())->toBe($code);
    }
    foreach (['', '24', '24 C km/h mm point', '25 C km/h mm point day-first', '24 C km/h mm point day-first x', '<b> C km/h mm point day-first'] as $none) {
        expect(Habits::ofCode($none))->toBeNull();
    }
});
