<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Data\SafetyLines;

/** How much of one thing a leaf gets in any week of a programme. */
final readonly class LeafLoad
{
    public function __construct(
        /** `oil` or `essential`. */
        public string $what,
        /** Percent v/v in any seven days that must not be passed. */
        public float $limit,
    ) {}

    public function of(InTurn $spray): float
    {
        return $this->what === 'oil' ? $spray->oil : $spray->essential;
    }

    /**
     * The first day from `$day` on that leaves the leaf below the limit; a single round is judged by itself, whatever it holds.
     *
     * @param list<array{int, InTurn}> $done by day
     */
    public function firstDay(int $day, InTurn $next, array $done): int
    {
        if ($this->of($next) <= 0.0) {
            return $day;
        }
        $week = (int) SafetyLines::DAYS_A_WEEK['value'];
        while (true) {
            $before = 0.0;
            foreach ($done as [$on, $spray]) {
                $before += $on > $day - $week ? $this->of($spray) : 0.0;
            }
            if ($before <= 0.0 || $before + $this->of($next) <= $this->limit) {
                return $day;
            }
            ++$day;
        }
    }

    /** Days between rounds of one spray that leave the leaf below the limit; at least 1, at most a week. */
    public function pace(InTurn $spray): int
    {
        $week = (int) SafetyLines::DAYS_A_WEEK['value'];
        for ($days = 1; $days < $week; ++$days) {
            if ($this->of($spray) * ceil($week / $days) <= $this->limit) {
                return $days;
            }
        }

        return $week;
    }
}
