<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Words\Say;

/** Stretches of time as people say them. */
final class Durations
{
    private const HOURS_IN_DAY = 24.0;

    /** From this many hours on, days are said. */
    private const DAYS_FROM = ScheduleLines::SAID_IN_DAYS['value'];

    /** @param float $hours 0 or more */
    public static function words(float $hours): string
    {
        [$number, $unit] = $hours >= self::DAYS_FROM ? [$hours / self::HOURS_IN_DAY, 'day'] : [$hours, 'hour'];
        $shown = Figures::short($number);

        return "{$shown} {$unit}" . ($shown === '1' ? '' : 's');
    }

    /** Seconds as an interval to go by: to ten seconds, to the minute, to the hour; never longer than it is. */
    public static function interval(float $seconds): string
    {
        if ($seconds < 10.0) {
            return Say::it('wording/durations.few-seconds');
        }
        [$number, $unit] = match (true) {
            $seconds < 20.0 => [floor($seconds), 'second'],
            $seconds < 120.0 => [10.0 * floor($seconds / 10.0), 'second'],
            $seconds < 7200.0 => [floor($seconds / 60.0), 'minute'],
            default => [floor($seconds / 3600.0), 'hour'],
        };

        return Figures::short($number) . " {$unit}" . ($number === 1.0 ? '' : 's');
    }

    /** As `words`, to the full hour or day, and minutes below two hours. */
    public static function rounded(float $hours): string
    {
        if ($hours < 2.0) {
            $minutes = (int) round($hours * 60.0);

            return Say::it('wording/durations.minute', ['minutes' => $minutes, 'value' => $minutes === 1 ? '' : 's']);
        }

        return self::words($hours >= self::DAYS_FROM ? round($hours / self::HOURS_IN_DAY) * self::HOURS_IN_DAY : round($hours));
    }
}
