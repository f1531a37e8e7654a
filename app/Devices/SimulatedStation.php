<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Place;
use IdleMixer\Core\Weather\Sun;
use IdleMixer\Core\Weather\TellerKind;
use IdleMixer\Core\Weather\ToldHour;
use IdleMixer\Core\Weather\WeatherSource;

/**
 * Stands in for a real weather station with its forecast: made up from the place and the date alone, so that the same hour always
 * has the same weather; warm in the summer of its hemisphere, cloud and rain in spells of days.
 */
final class SimulatedStation implements WeatherSource
{
    private const HOUR = 3600;

    private const DAY = 86400;

    /** @var array<string, float> what chance gave, by what, place and number: the same for all hours of a spell */
    private array $drawn = [];

    public function kind(): TellerKind
    {
        return TellerKind::Station;
    }

    public function name(): string
    {
        return '';
    }

    public function hours(Place $place, int $from, int $count): array
    {
        return array_map(fn(int $i): ToldHour => $this->hour($place, $from + self::HOUR * $i), range(0, max(0, $count - 1)));
    }

    private function hour(Place $place, int $at): ToldHour
    {
        $cloud = $this->cloud($place, $at);
        $spell = $this->smooth($place, 'warmth', $at, 4 * self::DAY);
        $sun = max(0.0, sin(deg2rad(Sun::elevation($place, $at - 2 * self::HOUR))));
        $swing = (1.0 - 0.6 * $cloud) * (12.0 * $sun - 4.0);
        $temperature = $this->season($place, $at) + 8.0 * ($spell - 0.5) + $swing;
        // The air holds about as much water all day: it is damp when it is cool.
        $humidity = 74.0 + 22.0 * ($cloud - 0.5) - 3.2 * $swing;
        $wind = 2.0 + 22.0 * $this->smooth($place, 'wind', $at, self::DAY) ** 2 * (0.5 + $sun);
        $wet = $this->smooth($place, 'rain', $at, 9 * self::HOUR);
        $rain = $cloud > 0.7 && $wet > 0.6 ? round(12.0 * ($wet - 0.6) * $cloud, 1) : 0.0;

        return new ToldHour($at, round($temperature, 1), round(max(25.0, min(99.0, $humidity + ($rain > 0.0 ? 12.0 : 0.0)))), round($wind), $rain, round(100.0 * $cloud));
    }

    /** °C; mean of the day of the year, warmest some five weeks after the solstice. */
    private function season(Place $place, int $at): float
    {
        $day = (int) (new DateTimeImmutable("@{$at}"))->format('z');
        $far = abs($place->latitude);
        $phase = cos(2.0 * \M_PI * ($day - 208) / 365.25) * ($place->isSouthern() ? -1.0 : 1.0);

        return 27.0 - 0.34 * $far + 0.2 * min($far, 60.0) * $phase;
    }

    /** Share of the sky, in spells of some two days. */
    private function cloud(Place $place, int $at): float
    {
        $slow = $this->smooth($place, 'cloud', $at, 2 * self::DAY);
        $fast = $this->smooth($place, 'puffs', $at, 5 * self::HOUR);

        return max(0.0, min(1.0, 1.5 * $slow - 0.35 + 0.4 * ($fast - 0.5)));
    }

    /** Between 0 and 1, from one value by chance to the next within each step of seconds. */
    private function smooth(Place $place, string $what, int $at, int $step): float
    {
        $n = intdiv($at, $step);
        $part = ($at - $n * $step) / $step;
        $ease = $part * $part * (3.0 - 2.0 * $part);

        return $this->chance($place, $what, $n) * (1.0 - $ease) + $this->chance($place, $what, $n + 1) * $ease;
    }

    private function chance(Place $place, string $what, int $n): float
    {
        return $this->drawn["{$what} {$place->latitude} {$place->longitude} {$n}"] ??= crc32(sprintf('%s %.1f %.1f %d', $what, $place->latitude, $place->longitude, $n)) / 4294967295.0;
    }
}
