<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Safety\Bound;

/** Ways out that change nothing in the sprayer: it is good as it is, good for something, or good for bare soil. */
final class AsItStands
{
    public static function isMade(InTheSprayer $at): bool
    {
        foreach ($at->ends as $end) {
            if (! $at->bounds->allows($end) || ! $at->plan()->isNear($end)) {
                return false;
            }
        }

        return true;
    }

    public static function used(InTheSprayer $at): ?Remedy
    {
        return self::isMade($at) ? new Remedy(RemedyKind::AsItIs, finished: $at->full(), asPlanned: true) : null;
    }

    /** Not what was planned, and harmless all the same; not where soap that has oil to hold is short. */
    public static function withinLimits(InTheSprayer $at): ?Remedy
    {
        $times = $at->times($at->ends);
        foreach ($at->ends as $end) {
            if (! $at->bounds->allows($end)) {
                return null;
            }
        }
        if ($times === [] || self::isMade($at)) {
            return null;
        }
        $all = array_merge(...array_values($times));
        $remedy = new Remedy(RemedyKind::WithinLimits, finished: $at->full(), weakest: min($all), strongest: max($all), times: $times, planned: $at->bounds->timesByGroup($at->load->mixture));

        return $at->load->hasOil() && in_array(SubstanceGroup::Soap->value, $remedy->short(), true) ? null : $remedy;
    }

    /** @param list<Bound> $limits of a drench, which hold for everything that is poured there */
    public static function asDrench(InTheSprayer $at, array $limits): ?Remedy
    {
        if ($at->overLimits() <= 1.0 + 1e-9) {
            return null;
        }
        $drench = new Bounds($limits, \INF);
        foreach ($at->ends as $end) {
            if (! $drench->allows($end)) {
                return null;
            }
        }

        return new Remedy(RemedyKind::Drench, finished: $at->full(), wasted: 1.0);
    }
}
