<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\BoughtLines;
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
        foreach ([self::tooSoon(...), self::inTurn(...), self::slowed(...), self::washedOff(...), self::oneClean(...), self::tested(...), self::burnt(...), self::setOut(...), self::dry(...), self::inBloom(...)] as $rule) {
            $moved = $rule($at, $facts, $now);
            if ($moved !== null) {
                $at = $moved->to ?? $at;
                $moves[] = $moved;
            }
        }
        $own = self::onOwnDay($at, $moves === [], $facts, $now);
        if ($own?->to !== null && self::isHeldBack($own->to, $facts, $now)) {
            // Between it and the wanted day lies none that the gardener has, so only a later one is left.
            $own = self::onOwnDay($at, false, $facts, $now);
        }
        if ($own !== null) {
            $at = $own->to ?? $at;
            $moves[] = $own;
        }
        [$then, $weather, $best] = self::weather($at, $moves === [], $facts, $now);
        $bloom = self::inBloom($then, $facts, $now);
        if ($bloom !== null) {
            // The hour that it was put off to is one in which it flowers.
            $moves[] = $bloom;
            [$then, $weather, $best] = self::weather($bloom->to ?? $then, false, $facts, $now);
        }
        if ($weather !== null) {
            $moves[] = $weather;
        }
        // Past the weather that is told, or past the flowers, only the days that the gardener has are known.
        $own = $best === null ? self::onOwnDay($then, false, $facts, $now) : null;
        if ($own !== null) {
            $then = $own->to ?? $then;
            $moves = [...array_values(array_filter($moves, static fn(MovedDate $one): bool => $one->code !== $own->code)), $own];
        }
        $at = $then;

        // Hours before it may be sprayed are none of its hours.
        $since = min($at->getTimestamp(), $best->from ?? $at->getTimestamp());

        return new RoundDue($at, $moves, $best === null ? null : BestHours::of($best), array_values(array_filter(self::onOwnDays($facts->windows ?? [], $facts, $at->getTimezone()), static fn(Window $one): bool => $one->from >= $since || ($one->to > $since && $at <= $now))));
    }

    /** Whether it may not be sprayed then, whatever is planned. */
    private static function isHeldBack(DateTimeImmutable $at, RoundFacts $facts, DateTimeImmutable $now): bool
    {
        return self::tested($at, $facts) !== null || self::burnt($at, $facts) !== null || self::setOut($at, $facts) !== null || self::dry($at, $facts) !== null || self::inBloom($at, $facts, $now) !== null;
    }

    /** A day that was chosen before the last round was late may be too soon after it. */
    private static function tooSoon(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return $facts->isWanted() && $facts->last !== null && $facts->earliest->format('Y-m-d') > $at->format('Y-m-d') ? new MovedDate('too-soon', self::onDay($at, $facts->earliest)) : null;
    }

    /** Another spray comes after other days than the same once more. */
    private static function inTurn(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return ! $facts->isWanted() && $facts->inTurn !== null && $facts->inTurn->format('Y-m-d') !== $at->format('Y-m-d') ? new MovedDate('in-turn', $facts->inTurn) : null;
    }

    /** In the cool what is fought develops slowly, and the rounds follow it. */
    private static function slowed(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return ! $facts->isWanted() && $facts->inTurn === null && $facts->slowed !== null && $facts->slowed > $at ? new MovedDate('cool', $facts->slowed) : null;
    }

    private static function washedOff(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        if ($facts->washedOff === null || ($facts->wantedSince !== null && $facts->washedOff <= $facts->wantedSince)) {
            return null;
        }
        $dry = max($facts->washedOff->modify('+' . (int) WeatherLines::WET['value'] . ' hours'), $facts->earliest);

        return $dry < $at ? new MovedDate('washed-off', $dry) : null;
    }

    private static function oneClean(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        if ($facts->isWanted() || $facts->cleanLooks === 0 || $facts->last === null) {
            return null;
        }
        $taper = $facts->last->modify('+' . ScheduleLines::TAPER['value'] . ' days');

        return $taper > $at ? new MovedDate('one-clean-look', $taper) : null;
    }

    private static function tested(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return $facts->testUntil !== null && $facts->testUntil > $at ? new MovedDate('leaf-test', $facts->testUntil) : null;
    }

    /** Burnt leaves bear nothing else for a while. */
    private static function burnt(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return $facts->restsUntil !== null && $facts->restsUntil > $at ? new MovedDate(MovedDate::BURNT, $facts->restsUntil) : null;
    }

    /** What wets the pest wets those that eat it: they are left alone, unless its day was chosen since. */
    private static function setOut(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        if ($facts->setOut === null || ($facts->wantedSince !== null && $facts->setOut <= $facts->wantedSince)) {
            return null;
        }
        $over = self::onDay($at, $facts->setOut->modify('+' . BoughtLines::LEFT_ALONE['value'] . ' days'));

        return $over > $at ? new MovedDate('insects-out', $over) : null;
    }

    /** Open flowers keep it off until the last of them is over: the day after, at the hour it has. */
    private static function inBloom(DateTimeImmutable $at, RoundFacts $facts, DateTimeImmutable $now): ?MovedDate
    {
        if ($facts->blooms === null) {
            return null;
        }
        [$from, $until] = $facts->blooms;
        $day = max($at, $now->setTimezone($at->getTimezone()))->format('Y-m-d');

        return ($from === null || $from->format('Y-m-d') <= $day) && $day <= $until->format('Y-m-d') ? new MovedDate('in-bloom', self::onDay($at, $until->modify('+1 day'))) : null;
    }

    /** Watered first, sprayed the day after. */
    private static function dry(DateTimeImmutable $at, RoundFacts $facts): ?MovedDate
    {
        return $facts->dryUntil !== null && $facts->dryUntil->format('Y-m-d') > $at->format('Y-m-d') ? new MovedDate('dry-root', self::onDay($at, $facts->dryUntil)) : null;
    }

    private static function onDay(DateTimeImmutable $at, DateTimeImmutable $day): DateTimeImmutable
    {
        return $at->setDate((int) $day->format('Y'), (int) $day->format('n'), (int) $day->format('j'));
    }

    /**
     * On the nearest day that the gardener has; what something else put off is never had sooner.
     *
     * @param bool $isUnmoved whether nothing has moved it so far
     */
    private static function onOwnDay(DateTimeImmutable $at, bool $isUnmoved, RoundFacts $facts, DateTimeImmutable $now): ?MovedDate
    {
        $today = $now->setTimezone($at->getTimezone())->format('Y-m-d');
        $wanted = max($at->format('Y-m-d'), $today);
        $floor = $isUnmoved && $facts->last !== null ? max($facts->earliest->setTimezone($at->getTimezone())->format('Y-m-d'), $today) : $wanted;
        $day = $facts->free?->nearest($wanted, min($floor, $wanted), $facts->isWanted()) ?? $wanted;

        return $day === $wanted ? null : new MovedDate('own-days', self::onDay($at, new DateTimeImmutable($day)));
    }

    /**
     * @param bool $asPlanned whether nothing has moved it so far, so that an hour before that of the last time does, too
     *
     * @return array{DateTimeImmutable, MovedDate|null, Window|null} when it is, what moved it, and the hours of its day
     */
    private static function weather(DateTimeImmutable $at, bool $asPlanned, RoundFacts $facts, DateTimeImmutable $now): array
    {
        // Days are those of the place.
        $now = $now->setTimezone($at->getTimezone());
        $from = max($at, $now);
        if ($facts->windows === null || $from >= $facts->forecastEnd) {
            return [$at, null, null];
        }
        $windows = self::onOwnDays($facts->windows, $facts, $at->getTimezone());
        $thatDay = self::onThatDay($windows, $from, $asPlanned ? max($now, $from->setTime(0, 0)) : $from);
        if ($thatDay !== null) {
            // What is overdue stays so: its hour is today.
            return [$from > $at ? $at : $thatDay[0], null, $thatDay[1]];
        }
        $next = array_values(array_filter($windows, static fn(Window $one): bool => $one->to > $from->getTimestamp()))[0] ?? null;
        $later = $next === null ? $facts->forecastEnd : $from->setTimestamp($next->from);

        return [$later, new MovedDate($next === null ? 'no-hour-this-week' : 'no-good-hour', $later), $next];
    }

    /**
     * @param list<Window> $windows
     *
     * @return list<Window> what of them lies on days that the gardener has
     */
    private static function onOwnDays(array $windows, RoundFacts $facts, DateTimeZone $zone): array
    {
        if ($facts->free === null) {
            return $windows;
        }
        $own = [];
        foreach ($windows as $window) {
            for ($from = $window->from; $from < $window->to; $from = $next) {
                $at = (new DateTimeImmutable("@{$from}"))->setTimezone($zone);
                $next = min($window->to, $at->modify('tomorrow')->getTimestamp());
                if ($facts->free->has($at->format('Y-m-d'), $facts->isWanted())) {
                    $own[] = new Window($from, $next, $window->verdict, $window->reason, $window->darkAt);
                }
            }
        }

        return $own;
    }

    /**
     * @param list<Window>      $windows
     * @param DateTimeImmutable $wanted   the hour that would be best
     * @param DateTimeImmutable $earliest not before that
     *
     * @return array{DateTimeImmutable, Window}|null the nearest to it of the same day, and in which hours
     */
    private static function onThatDay(array $windows, DateTimeImmutable $wanted, DateTimeImmutable $earliest): ?array
    {
        $best = null;
        foreach ($windows as $window) {
            $at = $wanted->setTimestamp(max($window->from, $earliest->getTimestamp(), min($wanted->getTimestamp(), $window->to - WeatherLines::APART['value'])));
            if ($at->getTimestamp() < $window->to && $at->format('Y-m-d') === $wanted->format('Y-m-d') && ($best === null || self::apart($at, $wanted) < self::apart($best[0], $wanted))) {
                $best = [$at, $window];
            }
        }

        return $best;
    }

    /** @return int seconds */
    private static function apart(DateTimeImmutable $one, DateTimeImmutable $other): int
    {
        return abs($one->getTimestamp() - $other->getTimestamp());
    }
}
