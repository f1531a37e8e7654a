<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Data\WeatherLines;
use IdleMixer\Core\Weather\Window;

/** Moves the date of the next round by rain, counts, leaf tests and the weather to come. */
final class RoundMoves
{
    private const ENOUGH_CLEAN = ScheduleLines::CLEAN_LOOKS['value'];

    public static function of(DateTimeImmutable $planned, RoundFacts $facts, DateTimeImmutable $now): RoundDue
    {
        if ($facts->cleanLooks >= self::ENOUGH_CLEAN) {
            return new RoundDue(null, [new MovedDate('two-clean-looks', null)]);
        }
        $at = $planned;
        $moves = [];
        foreach ([self::washedOff(...), self::oneClean(...), self::tested(...)] as $rule) {
            $moved = $rule($at, $facts);
            if ($moved !== null) {
                $at = $moved->to ?? $at;
                $moves[] = $moved;
            }
        }
        [$at, $weather] = self::weather($at, $facts, $now);

        return new RoundDue($at, $weather === null ? $moves : [...$moves, $weather]);
    }

    private static function washedOff(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        if ($facts->washedOff === null) {
            return null;
        }
        $dry = max($facts->washedOff->modify('+' . (int) WeatherLines::WET['value'] . ' hours'), $facts->earliest);

        return $dry < $at ? new MovedDate('washed-off', $dry) : null;
    }

    private static function oneClean(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        if ($facts->cleanLooks === 0 || $facts->last === null) {
            return null;
        }
        $taper = $facts->last->modify('+' . ScheduleLines::TAPER['value'] . ' days');

        return $taper > $at ? new MovedDate('one-clean-look', $taper) : null;
    }

    private static function tested(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return $facts->testUntil !== null && $facts->testUntil > $at ? new MovedDate('leaf-test', $facts->testUntil) : null;
    }

    /** @return array{DateTimeImmutable, MovedDate|null} */
    private static function weather(DateTimeImmutable $at, RoundFacts $facts, DateTimeImmutable $now): array
    {
        // Days are those of the place.
        $from = max($at, $now->setTimezone($at->getTimezone()));
        if ($facts->windows === null || $from >= $facts->forecastEnd) {
            return [$at, null];
        }
        $window = self::next($facts->windows, $from);
        if ($window === null) {
            return [$facts->forecastEnd, new MovedDate('no-hour-this-week', $facts->forecastEnd)];
        }
        $start = max($from, (new DateTimeImmutable("@{$window->from}"))->setTimezone($at->getTimezone()));
        if ($start->format('Y-m-d') === $from->format('Y-m-d')) {
            // What is overdue stays so: its hour is today.
            return [$from > $at ? $at : $start, null];
        }

        return [$start, new MovedDate('no-good-hour', $start)];
    }

    /** @param list<Window> $windows */
    private static function next(array $windows, DateTimeImmutable $from): ?Window
    {
        foreach ($windows as $window) {
            if ($window->to > $from->getTimestamp()) {
                return $window;
            }
        }

        return null;
    }
}
