<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Work\Item;

/** Ways out of too much: water, or some of it out and water in its place. */
final class Thinned
{
    /** Water alone: to the planned strength if there is room, else as far as the limits. */
    public static function byWater(InTheSprayer $at): ?Remedy
    {
        foreach ([$at->plan()->over($at->ends), $at->overLimits()] as $times) {
            $remedy = $times <= 1.0 + 1e-9 ? null : $at->checked(RemedyKind::AddWater, [], InTheSprayer::upwards($at->full() * ($times - 1.0)));
            if ($remedy !== null) {
                return $remedy;
            }
        }

        return null;
    }

    /** Some of it out, water in its place and what else that takes away: back to what was planned; where that fails, to within the limits. */
    public static function byPouringOff(InTheSprayer $at): ?Remedy
    {
        return self::toTheWholeLoad($at) ?? self::backToPlan($at) ?? self::withinLimits($at);
    }

    /** While it is still being mixed: so much of it out that no more is in than belongs into the whole load, and then on with the rest. */
    private static function toTheWholeLoad(InTheSprayer $at): ?Remedy
    {
        $full = $at->full();
        $whole = $at->load->mixture->finished();
        if ($full > $whole * (1.0 - ScoopPlan::TOLERANCE)) {
            return null;
        }
        foreach ([false, true] as $atMost) {
            $over = array_reduce($at->load->items, static fn(float $most, Item $item): float => max($most, self::in($at, $item->key, $atMost) / max(1e-12, $item->millilitres())), 0.0);
            $off = $over <= 1.0 ? 0.0 : InTheSprayer::upwards($full * (1.0 - 1.0 / $over));
            if ($off <= 0.0 || $off >= $full) {
                return null;
            }
            $missing = [];
            foreach ($at->load->items as $key => $item) {
                $short = $item->millilitres() - self::in($at, $key, $atMost) * (1.0 - $off / $full);
                $missing = $short > $item->millilitres() * ScoopPlan::TOLERANCE ? [...$missing, $key => $short] : $missing;
            }
            $add = $at->scooped($missing);
            $remedy = $at->checked(RemedyKind::PourOff, $add, max(0.0, $whole - ($full - $off) - $at->roomOf($add)), $off);
            if ($remedy !== null) {
                return $remedy;
            }
        }

        return null;
    }

    /** mL that are in: at the middle of what may be, or at the most. */
    private static function in(InTheSprayer $at, string $key, bool $atMost): float
    {
        [$low, $high] = $at->in($key);

        return $atMost ? $high : ($low + $high) / 2.0;
    }

    private static function backToPlan(InTheSprayer $at): ?Remedy
    {
        $full = $at->full();
        $over = $at->plan()->over($at->ends);
        $off = InTheSprayer::upwards($full * (1.0 - 1.0 / $over));
        if ($over <= 1.0 || $off >= $full) {
            return null;
        }
        $add = [];
        foreach ($at->load->items as $key => $item) {
            // What belongs into as much as stands there, which is less than planned where water was short.
            $missing = $item->millilitres() * $full / $at->load->mixture->finished() - $at->in($key)[1] * (1.0 - $off / $full);
            if ($missing > $item->millilitres() * ScoopPlan::TOLERANCE) {
                $add[$key] = $at->measured($key, $missing);
            }
        }
        $room = $at->roomOf($add);
        $remedy = $room > $off ? null : $at->checked(RemedyKind::PourOff, $add, $off - $room, $off);

        return $remedy?->asPlanned === true ? $remedy : null;
    }

    /** Where there is no room for the water. */
    private static function withinLimits(InTheSprayer $at): ?Remedy
    {
        $over = $at->overLimits();
        $full = $at->full();
        if ($over <= 1.0 + 1e-9) {
            return null;
        }
        $off = min($full, InTheSprayer::upwards($full * (1.0 - 1.0 / $over)));
        foreach ($at->ends as $end) {
            if ($off >= $end->finished()) {
                return null;
            }
        }

        // What was forgotten goes in with the water, for as much as stays: oil without what holds it is no spray.
        $stays = 1.0 - $off / $full;
        $add = $at->scooped(array_map(static fn(float $short): float => $short * $stays, array_diff_key($at->missing(), array_flip($at->slips->spent))));
        $room = $at->roomOf($add);
        $whole = $add === [] || $room > $off ? null : $at->checked(RemedyKind::PourOff, $add, $off - $room, $off);

        return $whole ?? $at->checked(RemedyKind::PourOff, [], $off, $off);
    }
}
