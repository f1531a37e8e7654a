<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Work\Item;

/**
 * What is short goes into a full sprayer: so much of it out first as the rest needs room. What goes out is as good as what stays but
 * for what was missing, and is put back once there is room again.
 */
final class Room
{
    public static function made(InTheSprayer $at): ?Remedy
    {
        $full = $at->full();
        $left = max(0.0, $at->bounds->capacity - $full);
        $missing = $at->missing();
        $off = InTheSprayer::upwards(max(0.0, $at->roomFor($missing) - $left));
        if ($missing === [] || $off <= 0.0 || $off >= $full) {
            return null;
        }
        if ($off / $full > ScoopPlan::TOLERANCE) {
            // So much goes that the rest of it is missed: it comes back with what was missing, and needs room itself.
            $off = InTheSprayer::upwards($at->roomFor($missing) / max(1e-9, 1.0 - self::solids($at) / $full));
            $missing = self::withWhatGoes($at, $missing, $off / $full);
        }
        $add = $at->scooped($missing);
        $room = $at->roomOf($add);
        if ($off >= $full || $room > $off * (1.0 + 1e-9) + $left) {
            return null;
        }

        // A few mL of water are what the mark says.
        return $at->checked(RemedyKind::MakeRoom, $add, $off - $room < InTheSprayer::FINE_STEP ? 0.0 : $off - $room, $off);
    }

    /** mL that all but the water takes up now, at the most. */
    private static function solids(InTheSprayer $at): float
    {
        return $at->roomFor(array_map(static fn(Item $item): float => $at->in($item->key)[1], $at->load->items));
    }

    /**
     * @param array<string, float> $missing
     *
     * @return array<string, float>
     */
    private static function withWhatGoes(InTheSprayer $at, array $missing, float $share): array
    {
        foreach ($at->load->items as $key => $item) {
            $more = ($missing[$key] ?? 0.0) + array_sum($at->in($key)) / 2.0 * $share;
            $missing = $more > $item->millilitres() * ScoopPlan::TOLERANCE ? [...$missing, $key => $more] : $missing;
        }

        return $missing;
    }
}
