<?php

declare(strict_types=1);

namespace Database\Demo;

use DateTimeImmutable;
use IdleMixer\Core\Weather\ToldHour;

/** Made-up weather around the moment that the demo is written: a grey day, two bright ones, wind, then showers. */
final class DemoWeather
{
    private const HOUR = 3600;

    private const BACK = 36;

    private const AHEAD = 200;

    /** By the day from now on: percent of cloud, km/h of wind, mm an hour of rain in the afternoon. */
    private const DAYS = [[90, 6, 0.0], [20, 5, 0.0], [10, 7, 0.0], [45, 18, 0.0], [70, 26, 0.0], [95, 9, 1.4], [60, 8, 0.0], [25, 6, 0.0], [35, 6, 0.0]];

    private const WETTEST = 14;

    /** @return list<ToldHour> */
    public static function around(DateTimeImmutable $now): array
    {
        $start = intdiv($now->getTimestamp(), self::HOUR) * self::HOUR;

        return array_map(static fn(int $i): ToldHour => self::hour($start + self::HOUR * $i, max(0, intdiv($i, 24))), range(-self::BACK, self::AHEAD - 1));
    }

    private static function hour(int $at, int $day): ToldHour
    {
        [$cloud, $wind, $rain] = self::DAYS[min($day, count(self::DAYS) - 1)];
        $clock = (int) (new DateTimeImmutable("@{$at}"))->format('G');
        $swing = -cos(2.0 * \M_PI * ($clock - 3) / 24.0);
        $wet = abs($clock - self::WETTEST) <= 2 ? $rain : 0.0;

        return new ToldHour($at, round(16.0 + 4.0 * $swing, 1), round(68.0 - 8.0 * $swing), (float) $wind, $wet, (float) $cloud);
    }
}
