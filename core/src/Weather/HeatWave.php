<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\WeatherLines;

/** Hot days in a row, after which leaves are other leaves than those that were tested. */
final class HeatWave
{
    /**
     * @param list<ToldHour> $hours in the open, in any order
     * @param DateTimeZone   $zone  by whose clock days begin
     *
     * @return DateTimeImmutable|null the start of the last day of the last of them; null where there was none
     */
    public static function last(array $hours, DateTimeZone $zone): ?DateTimeImmutable
    {
        $hot = [];
        foreach ($hours as $hour) {
            if ($hour->temperature > WeatherLines::HEAT_WAVE['value']) {
                $hot[(new DateTimeImmutable("@{$hour->at}"))->setTimezone($zone)->format('Y-m-d')] = true;
            }
        }
        krsort($hot);
        foreach (array_keys($hot) as $last) {
            $before = array_map(static fn(int $days): string => (new DateTimeImmutable($last))->modify("-{$days} days")->format('Y-m-d'), range(1, WeatherLines::HEAT_WAVE_DAYS['value'] - 1));
            if (array_diff($before, array_keys($hot)) === []) {
                return new DateTimeImmutable($last, $zone);
            }
        }

        return null;
    }
}
