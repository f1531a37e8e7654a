<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

/** Stretches of time as people say them. */
final class Durations
{
    private const HOURS_IN_DAY = 24.0;

    /** From this many hours on, days are said. */
    private const DAYS_FROM = 72.0;

    /** @param float $hours 0 or more */
    public static function words(float $hours): string
    {
        [$number, $unit] = $hours >= self::DAYS_FROM ? [$hours / self::HOURS_IN_DAY, 'day'] : [$hours, 'hour'];
        $shown = Figures::short($number);

        return "{$shown} {$unit}" . ($shown === '1' ? '' : 's');
    }

    /** As `words`, to the full hour or day, and minutes below two hours. */
    public static function rounded(float $hours): string
    {
        if ($hours < 2.0) {
            $minutes = (int) round($hours * 60.0);

            return "{$minutes} minute" . ($minutes === 1 ? '' : 's');
        }

        return self::words($hours >= self::DAYS_FROM ? round($hours / self::HOURS_IN_DAY) * self::HOURS_IN_DAY : round($hours));
    }
}
