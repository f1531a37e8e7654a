<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Whether rain took off what had been sprayed. */
final class WashOff
{
    private const HOUR = 3600;

    /**
     * @param list<ToldHour> $hours earliest first
     * @param int            $sprayed seconds since 1970
     *
     * @return int|null the hour in which it was washed off, in seconds since 1970; null where it was not, as far as is told
     */
    public static function at(array $hours, int $sprayed, Spray $spray): ?int
    {
        $first = null;
        foreach ($spray->wants as $want) {
            $fallen = 0.0;
            foreach ($hours as $hour) {
                $since = $hour->at - $sprayed;
                if ($since < 0 || $since > $want->dry->value * self::HOUR) {
                    continue;
                }
                $fallen += ($hour->rain ?? 0.0) >= WeatherLines::RAIN['value'] ? $hour->rain : 0.0;
                if ($fallen > $want->light->value && $fallen > 0.0) {
                    $first = min($first ?? $hour->at, $hour->at);
                    break;
                }
            }
        }

        return $first;
    }
}
