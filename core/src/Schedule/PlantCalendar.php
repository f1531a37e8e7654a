<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** What the dates of a plant say of today. */
final class PlantCalendar
{
    /** Days before a harvest from which on a plant counts as soon eaten: our own choice. */
    public const SOON_DAYS = ScheduleLines::SOON['value'];

    /** Both ends belong to it; with one of them missing it is open on that side. */
    public static function isInBloom(?DateTimeImmutable $from, ?DateTimeImmutable $until, DateTimeImmutable $now): bool
    {
        $day = $now->format('Y-m-d');

        return ($from !== null || $until !== null)
            && ($from === null || $from->format('Y-m-d') <= $day)
            && ($until === null || $day <= $until->format('Y-m-d'));
    }

    /** Whole days from today to the harvest; null where none is set, or it is past. */
    public static function daysToHarvest(?DateTimeImmutable $harvest, DateTimeImmutable $now): ?int
    {
        if ($harvest === null || $harvest->format('Y-m-d') < $now->format('Y-m-d')) {
            return null;
        }

        return (int) (new DateTimeImmutable($now->format('Y-m-d')))->diff(new DateTimeImmutable($harvest->format('Y-m-d')))->format('%a');
    }

    public static function isEatenSoon(?DateTimeImmutable $harvest, DateTimeImmutable $now): bool
    {
        return $harvest !== null
            && $now->format('Y-m-d') <= $harvest->format('Y-m-d')
            && $harvest->format('Y-m-d') <= $now->modify('+' . self::SOON_DAYS . ' days')->format('Y-m-d');
    }

    public static function isSulfurLately(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, ScheduleLines::SULFUR_LATELY['value']);
    }

    public static function isCopperLately(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, ScheduleLines::COPPER_LATELY['value']);
    }

    public static function isOilLately(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, ScheduleLines::OIL_LATELY['value']);
    }

    private static function isWithin(?DateTimeImmutable $on, DateTimeImmutable $now, int $days): bool
    {
        return $on !== null && $on->format('Y-m-d') > $now->modify("-{$days} days")->format('Y-m-d');
    }
}
