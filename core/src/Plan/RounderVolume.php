<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Work\Load;

/** A volume nearby at which every line is so many whole spoons, where now one is not. */
final readonly class RounderVolume
{
    /** @return Volume|null of one load; null where all is whole already, or nowhere near */
    public static function of(Plan $plan): ?Volume
    {
        if ($plan->loadCount() > 1 || self::isWhole($plan->load(1))) {
            return null;
        }
        foreach (self::nearby($plan) as $volume) {
            try {
                $mixture = (new Formulator())->scaledTo($volume, $plan->bench->recipe, $plan->bench->highEnd, $plan->bench->factor, '/recipe');
            } catch (InvalidDocument) {
                continue;
            }
            if (self::isWhole(Load::of($mixture, $plan->bench->kit->planner()))) {
                return $volume;
            }
        }

        return null;
    }

    /** Few fills of one measure that nobody has to halve. */
    private static function isWhole(Load $load): bool
    {
        foreach ($load->items as $item) {
            if (! self::isWholeSpoons($item->measured)) {
                return false;
            }
        }

        return true;
    }

    private static function isWholeSpoons(ScoopPlan $plan): bool
    {
        if (count($plan->scoops) !== 1 || ! $plan->isWithinTolerance() || abs($plan->errorPercent()) > 100.0 * ScoopPlan::TOLERANCE) {
            return false;
        }
        $scoop = $plan->scoops[0];

        return $scoop->isWeighed() || ($scoop->count <= MeasureLines::MANY_SCOOPS['value'] && ! $scoop->measure->isDropper && $scoop->measure->millilitres >= MeasureLines::WHOLE_SPOON['value']);
    }

    /**
     * In quarters of the unit that is spoken of, and not over the sprayer; nearest first.
     *
     * @return list<Volume>
     */
    private static function nearby(Plan $plan): array
    {
        $now = $plan->bench->make->millilitres();
        $unit = $plan->bench->unit === Unit::Millilitre ? MeasureLines::MILLILITRES_APART['value'] : $plan->bench->unit->factor();
        $step = $unit * MeasureLines::VOLUME_STEP['value'];
        $least = max($step, $now * VesselLines::MADE_FROM['value']);
        $most = min($now * VesselLines::MADE_TO['value'], $plan->bench->sprayer?->millilitres() ?? \INF);
        $here = floor($now / $step);
        $steps = array_map(static fn(int $away): float => ($here + $away) * $step, range(-MeasureLines::VOLUMES_TRIED['value'], MeasureLines::VOLUMES_TRIED['value'] + 1));
        $found = array_filter($steps, static fn(float $one): bool => $one >= $least && $one <= $most && abs($one - $now) > $now * VesselLines::MARK_READ_TO['value']);
        usort($found, static fn(float $a, float $b): int => abs($a - $now) <=> abs($b - $now));

        return array_map(Volume::ofMillilitres(...), array_slice($found, 0, MeasureLines::VOLUMES_TRIED['value']));
    }
}
