<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Mixture;

/** Ways out by adding: what is missing, more of everything, or less of it as far as something reaches. */
final class Added
{
    /** What is short is added, so that the middle of what may be in it is what was planned; too little water is topped up. */
    public static function missing(InTheSprayer $at): ?Remedy
    {
        $add = $at->scooped($at->missing());
        $water = $at->slips->water === null ? 0.0 : max(0.0, $at->load->mixture->water - $at->slips->water);

        return $add === [] && $water <= 0.0 ? null : $at->checked(RemedyKind::AddMissing, $add, $water) ?? self::thinned($at, $add, $water);
    }

    /** Everything else is brought up to what went in too much of. */
    public static function bigger(InTheSprayer $at): ?Remedy
    {
        $load = $at->load;
        $times = $at->slips->water === null || $load->mixture->water <= 0.0 ? 1.0 : $at->slips->water / $load->mixture->water;
        foreach ($at->slips->items as $key => [, $high]) {
            $times = max($times, $high / $load->items[$key]->millilitres());
        }
        $finished = $load->mixture->finished() * $times;
        if ($times <= 1.0 + ScoopPlan::TOLERANCE || $finished > $at->bounds->capacity) {
            return null;
        }
        $add = [];
        foreach ($load->items as $key => $item) {
            $missing = $item->millilitres() * $times - $at->in($key)[1];
            if ($missing > $item->millilitres() * ScoopPlan::TOLERANCE) {
                $add[$key] = $at->measured($key, $missing);
            }
        }

        // Topped up to the mark, whatever the spoons brought.
        return $at->checked(RemedyKind::BiggerBatch, $add, max(0.0, $finished - $at->full() - $at->roomOf($add)));
    }

    /** As far as what ran out reaches: less of everything that is not in yet. */
    public static function smaller(InTheSprayer $at): ?Remedy
    {
        $load = $at->load;
        $times = 1.0;
        foreach ($at->slips->spent as $key) {
            $times = min($times, $at->in($key)[0] / max(1e-12, $load->items[$key]->millilitres()));
        }
        $in = max(array_map(static fn(Mixture $end): float => $end->water, $at->ends));
        if ($at->slips->spent === [] || $times <= 0.0 || $times >= 1.0 - ScoopPlan::TOLERANCE || $in > $load->mixture->water * $times * (1.0 + ScoopPlan::TOLERANCE)) {
            return null;
        }
        $add = [];
        foreach ($load->items as $key => $item) {
            [$low, $high] = $at->in($key);
            $wanted = $item->millilitres() * $times;
            if ($high > $wanted * (1.0 + ScoopPlan::TOLERANCE)) {
                return null;
            }
            if (! in_array($key, $at->slips->spent, true) && $wanted - ($low + $high) / 2.0 > $wanted * ScoopPlan::TOLERANCE) {
                $add[$key] = $at->measured($key, $wanted - ($low + $high) / 2.0);
            }
        }

        return $at->checked(RemedyKind::SmallerBatch, $add, max(0.0, $load->mixture->water * $times - $in));
    }

    /**
     * Where the plan itself went over a limit, what was forgotten goes in with the water that brings it within.
     *
     * @param array<string, ScoopPlan> $add
     */
    private static function thinned(InTheSprayer $at, array $add, float $water): ?Remedy
    {
        $wanted = $at->waterToLimits($add, $water);

        return $add === [] || $wanted <= $water ? null : $at->checked(RemedyKind::AddMissing, $add, $wanted);
    }
}
