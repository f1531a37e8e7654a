<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Work\Item;

/** The rounder answer beside the spoons: one measure, fewer moves, a little more or less of it, and no limit passed by that. */
final readonly class RounderSpoons
{
    public function __construct(private Ceilings $ceilings) {}

    /**
     * For each thing of a load that is measured in several kinds or many moves.
     *
     * @return array<string, Scoop> by key of the item
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function of(Plan $plan): array
    {
        $found = [];
        foreach ($plan->load(1)->items as $key => $item) {
            $scoop = $this->rounder($plan, $item);
            if ($scoop !== null) {
                $found[$key] = $scoop;
            }
        }

        return $found;
    }

    private function rounder(Plan $plan, Item $item): ?Scoop
    {
        $wanted = $item->millilitres();
        $now = $item->measured;
        if (count($now->scoops) < 2 && $now->taps() <= MeasureLines::FEW_FILLS['value']) {
            return null;
        }
        $best = null;
        foreach ($plan->bench->kit->measures as $measure) {
            $scoop = self::fills($measure, $wanted);
            if ($scoop === null || $scoop->count >= $now->taps() || ! $this->isBorne($plan, $item, $scoop->millilitres() / $wanted)) {
                continue;
            }
            $best = $best === null || abs($scoop->millilitres() - $wanted) < abs($best->millilitres() - $wanted) ? $scoop : $best;
        }

        return $best;
    }

    private static function fills(Measure $measure, float $wanted): ?Scoop
    {
        $count = max(1, (int) round($wanted / $measure->millilitres));
        $off = abs($count * $measure->millilitres / $wanted - 1.0);

        return $measure->isDropper || $count > MeasureLines::FEW_FILLS['value'] || $off > MeasureLines::ROUNDER_OFF['value'] || $off < ScoopPlan::TOLERANCE / 100.0 ? null : new Scoop($measure, $count);
    }

    /** More of it must stay within what is borne well; less of it always does. */
    private function isBorne(Plan $plan, Item $item, float $times): bool
    {
        if ($times <= 1.0) {
            return true;
        }
        foreach ($plan->whole->parts as $part) {
            $is = $item->part !== null ? $part->ingredient->slug === $item->part->ingredient->slug : $part->pour !== null;
            $ceiling = $is ? $this->ceilings->forSubstance($part->ingredient->substance, $plan->bench->target) : null;
            if ($ceiling !== null && $plan->strengths->percent($part->ingredient->substance) * $times > $ceiling->limit->value) {
                return false;
            }
        }

        return true;
    }
}
