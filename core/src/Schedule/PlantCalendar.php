<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Plant\Stage;

/** What the dates of a plant say of today. */
final class PlantCalendar
{
    /** Days before a harvest from which on a plant counts as soon eaten: our own choice. */
    public const SOON_DAYS = ScheduleLines::SOON['value'];

    /**
     * How far it is in its year: in bloom by its dates, else what was said of it last while that holds; null where nobody knows.
     *
     * @param array{?DateTimeImmutable, ?DateTimeImmutable} $bloom from and until
     */
    public static function stage(?Stage $said, ?DateTimeImmutable $on, array $bloom, DateTimeImmutable $now): ?Stage
    {
        return match (true) {
            self::isInBloom($bloom[0], $bloom[1], $now) => Stage::InBloom,
            $said !== null && $on !== null && $said->holds($on, $now) => $said,
            default => null,
        };
    }

    /**
     * The bloom that it is in, or that is to come: by its dates, else as long as what was said of it holds.
     *
     * @param array{?DateTimeImmutable, ?DateTimeImmutable} $bloom from and until
     *
     * @return array{DateTimeImmutable|null, DateTimeImmutable}|null first (null: it is open already) and last day; null where none is known to end
     */
    public static function bloom(?Stage $said, ?DateTimeImmutable $on, array $bloom, DateTimeImmutable $now): ?array
    {
        return match (true) {
            $bloom[1] !== null && $now->format('Y-m-d') <= $bloom[1]->format('Y-m-d') => [$bloom[0], $bloom[1]],
            $said === Stage::InBloom && $on !== null && $said->holds($on, $now) => [null, $said->lasts($on)->modify('-1 second')],
            default => null,
        };
    }

    /** From when on it may be taken to have been watered; null where it is not dry. */
    public static function dryUntil(?DateTimeImmutable $on, DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $on !== null && self::isDry($on, $now) ? $on->modify('+' . GateLines::THIRST_HOLDS['value'] . ' days') : null;
    }

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
        return self::isWithin($on, $now, GateLines::SULFUR_MIND['value']);
    }

    public static function isCopperLately(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, GateLines::COPPER_MIND['value']);
    }

    /** Dry at the root or wilted, until somebody may be taken to have watered it. */
    public static function isDry(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, GateLines::THIRST_HOLDS['value'] - 1);
    }

    public static function isFreshlyMoved(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, GateLines::MOVED_HOLDS['value'] - 1);
    }

    public static function isOilLately(?DateTimeImmutable $on, DateTimeImmutable $now): bool
    {
        return self::isWithin($on, $now, ScheduleLines::OIL_LATELY['value'] - 1);
    }

    /** Whole days since; null where it never was. */
    public static function daysSince(?DateTimeImmutable $on, DateTimeImmutable $now): ?int
    {
        return $on === null ? null : max(0, (int) (new DateTimeImmutable($on->format('Y-m-d')))->diff(new DateTimeImmutable($now->format('Y-m-d')))->format('%r%a'));
    }

    /** Both ends belong to it. */
    private static function isWithin(?DateTimeImmutable $on, DateTimeImmutable $now, int $days): bool
    {
        $since = self::daysSince($on, $now);

        return $since !== null && $since <= $days;
    }
}
