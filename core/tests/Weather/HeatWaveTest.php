<?php

declare(strict_types=1);

use IdleMixer\Core\Weather\HeatWave;
use IdleMixer\Core\Weather\ToldHour;

/**
 * @param array<string, float> $warmest °C, by day
 *
 * @return list<ToldHour> a night at 18 °C and an afternoon of each day, at UTC
 */
function warmestOn(array $warmest): array
{
    $hours = [];
    foreach ($warmest as $day => $celsius) {
        foreach (['02:00' => 18.0, '14:00' => $celsius] as $at => $is) {
            $hours[] = new ToldHour((new DateTimeImmutable("{$day}T{$at}:00Z"))->getTimestamp(), $is, 50.0, null, null, null);
        }
    }

    return $hours;
}

// Three days over 32 °C, one after the other: common practice, no source; told by hand.
it('knows a heat wave by three hot days in a row, and its last day', function (array $warmest, ?string $last): void {
    /** @var array<string, float> $warmest */
    expect(HeatWave::last(warmestOn($warmest), new DateTimeZone('UTC'))?->format('Y-m-d'))->toBe($last);
})->with([
    'no weather' => [[], null],
    'two hot days' => [['2026-07-01' => 33.0, '2026-07-02' => 36.0], null],
    'three' => [['2026-07-01' => 33.0, '2026-07-02' => 36.0, '2026-07-03' => 32.5, '2026-07-04' => 25.0], '2026-07-03'],
    'it goes on' => [['2026-07-01' => 33.0, '2026-07-02' => 36.0, '2026-07-03' => 32.5, '2026-07-04' => 35.0], '2026-07-04'],
    'at 32 °C it is not over it' => [['2026-07-01' => 33.0, '2026-07-02' => 32.0, '2026-07-03' => 33.0], null],
    'a cool day between' => [['2026-07-01' => 33.0, '2026-07-02' => 33.0, '2026-07-03' => 28.0, '2026-07-04' => 34.0], null],
    'a day between of which nobody told' => [['2026-07-01' => 33.0, '2026-07-02' => 33.0, '2026-07-04' => 34.0], null],
    'two of them: the later' => [['2026-07-01' => 33.0, '2026-07-02' => 33.0, '2026-07-03' => 33.0, '2026-07-10' => 33.0, '2026-07-11' => 33.0, '2026-07-12' => 33.0], '2026-07-12'],
    'over the end of a month' => [['2026-07-30' => 33.0, '2026-07-31' => 33.0, '2026-08-01' => 33.0], '2026-08-01'],
]);

it('tells days by the clock of the place', function (): void {
    // 14:00 UTC is the small hours of the next day in the far east.
    expect(HeatWave::last(warmestOn(['2026-07-01' => 33.0, '2026-07-02' => 36.0, '2026-07-03' => 33.0]), new DateTimeZone('Asia/Tokyo'))?->format('Y-m-d'))->toBe('2026-07-03')
        ->and(HeatWave::last(warmestOn(['2026-07-01' => 33.0, '2026-07-02' => 36.0, '2026-07-03' => 33.0]), new DateTimeZone('Pacific/Auckland'))?->format('Y-m-d'))->toBe('2026-07-04');
});
