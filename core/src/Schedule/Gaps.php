<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/**
 * What a row of rounds leaves open. Each round is taken to kill all that has hatched, and no egg; eggs of day 0 hatch on any
 * day until the last hatch. What is born alive is born on any day until the last round.
 */
final class Gaps
{
    /**
     * @param list<int> $sprays days, earliest first; on days that a spray goes on working, each of them
     *
     * @return list<Gap> in days, earliest first
     */
    public static function between(array $sprays, Development $at): array
    {
        if ($sprays === []) {
            return [];
        }
        $gaps = [];
        $until = $at->bears ? $sprays[count($sprays) - 1] : (int) floor($at->lastHatch);
        $start = null;
        for ($day = $sprays[0] + 1; $day <= $until + 1; ++$day) {
            $open = $day <= $until && ! self::isMet($day, $sprays, $at);
            if ($open) {
                $start ??= $day;
            } elseif ($start !== null) {
                array_push($gaps, ...self::split($start, $day - 1, $sprays));
                $start = null;
            }
        }

        return $gaps;
    }

    /** Whole days between rounds that leave no gap; null where any do. */
    public static function longestApart(Development $at): ?int
    {
        return is_finite($at->nymph()) ? max(1, (int) floor($at->nymph()) + 1) : null;
    }

    /** @param list<int> $sprays */
    private static function isMet(int $day, array $sprays, Development $at): bool
    {
        $next = self::next($day, $sprays);

        return $next !== null && $next - $day <= $at->nymph();
    }

    /**
     * One gap for every round that comes too late.
     *
     * @param list<int> $sprays
     *
     * @return list<Gap>
     */
    private static function split(int $from, int $to, array $sprays): array
    {
        $gaps = [];
        while ($from <= $to) {
            $next = self::next($from, $sprays);
            $end = min($to, $next ?? $to);
            $before = array_values(array_filter($sprays, static fn(int $spray): bool => $spray < $from));
            $gaps[] = new Gap($from, $end, $before === [] ? $sprays[0] : max($before), $next);
            $from = $end + 1;
        }

        return $gaps;
    }

    /** @param list<int> $sprays */
    private static function next(int $day, array $sprays): ?int
    {
        foreach ($sprays as $spray) {
            if ($spray >= $day) {
                return $spray;
            }
        }

        return null;
    }
}
