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
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** Another volume that is easier to measure: what the recipe itself makes, or one nearby at which every line is so many whole spoons. */
final readonly class RounderVolume
{
    /** @return RoundVolume|null of one load; null where all is whole already, or nowhere near */
    public static function of(Plan $plan): ?RoundVolume
    {
        if ($plan->loadCount() > 1 || self::isWhole($plan->load(1))) {
            return null;
        }
        $written = self::written($plan);
        if ($written !== null) {
            return new RoundVolume($written, RoundKind::AsWritten);
        }
        $whole = self::nearest($plan, VesselLines::MADE_FROM['value'], MeasureLines::VOLUME_STEP['value'], self::isWhole(...));
        if ($whole !== null) {
            return new RoundVolume($whole, RoundKind::Whole);
        }
        foreach (self::isEasy($plan->load(1)) ? [] : [MeasureLines::VOLUME_STEP['value'], MeasureLines::FINER_STEP['value']] as $step) {
            $fewer = self::nearest($plan, MeasureLines::FEWER_FROM['value'], $step, self::isEasy(...));
            if ($fewer !== null) {
                return new RoundVolume($fewer, RoundKind::Fewer);
            }
        }

        return null;
    }

    /** What the recipe itself makes, where that is near, fits, takes fewer moves, and its own figures are measured as they stand. */
    private static function written(Plan $plan): ?Volume
    {
        $bench = $plan->bench;
        $now = $bench->make->millilitres();
        if ($bench->recipe->basis === null || $bench->factor !== 1.0) {
            return null;
        }
        $volume = Volume::ofMillilitres((new Formulator())->onBasis($bench->recipe, $bench->highEnd, 1.0, '/recipe')->finished());
        $made = $volume->millilitres();
        $isNear = $made >= $now * VesselLines::MADE_FROM['value'] && $made <= min($now * VesselLines::MADE_TO['value'], $bench->sprayer?->millilitres() ?? \INF) && abs($made - $now) > $now * VesselLines::MARK_READ_TO['value'];
        $load = $isNear ? self::load($plan, $volume) : null;

        return $load !== null && self::isExact($load) && self::moves($load) < self::moves($plan->load(1)) ? $volume : null;
    }

    /** @param callable(Load): bool $holds */
    private static function nearest(Plan $plan, float $from, float $step, callable $holds): ?Volume
    {
        foreach (self::nearby($plan, $from, $step) as $volume) {
            $load = self::load($plan, $volume);
            if ($load !== null && $holds($load)) {
                return $volume;
            }
        }

        return null;
    }

    private static function load(Plan $plan, Volume $volume): ?Load
    {
        try {
            return Load::of((new Formulator())->scaledTo($volume, $plan->bench->recipe, $plan->bench->highEnd, $plan->bench->factor, '/recipe'), $plan->bench->kit->planner());
        } catch (InvalidDocument) {
            return null;
        }
    }

    /** Every line in few moves, and near what was wanted. */
    private static function isEasy(Load $load): bool
    {
        foreach ($load->items as $item) {
            $off = abs($item->measured->millilitres() - $item->millilitres());
            if (! $item->isCounted() && ($item->moves() > MeasureLines::MOST_MOVES['value'] || $off > max(MeasureLines::WIDER_TOLERANCE['value'] * $item->millilitres(), MeasureLines::HALF_A_DROP['value']))) {
                return false;
            }
        }

        return true;
    }

    private static function isExact(Load $load): bool
    {
        foreach ($load->items as $item) {
            if ($item->measured->thinned !== null || abs($item->measured->errorPercent()) > MeasureLines::EXACT['value'] || $item->moves() > MeasureLines::MANY_SCOOPS['value']) {
                return false;
            }
        }

        return true;
    }

    private static function moves(Load $load): int
    {
        return array_sum(array_map(static fn(Item $item): int => $item->moves(), $load->items));
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
     * In steps of the unit that is spoken of, and not over the sprayer; nearest first.
     *
     * @param float $from  share of what was asked for, below which none is
     * @param float $share of the unit, from one to the next
     *
     * @return list<Volume>
     */
    private static function nearby(Plan $plan, float $from, float $share): array
    {
        $now = $plan->bench->make->millilitres();
        $unit = $plan->bench->unit === Unit::Millilitre ? MeasureLines::MILLILITRES_APART['value'] : $plan->bench->unit->factor();
        $step = $unit * $share;
        $least = max($step, $now * $from);
        $most = min($now * VesselLines::MADE_TO['value'], $plan->bench->sprayer?->millilitres() ?? \INF);
        $here = floor($now / $step);
        $steps = array_map(static fn(int $away): float => ($here + $away) * $step, range(-MeasureLines::VOLUMES_TRIED['value'], MeasureLines::VOLUMES_TRIED['value'] + 1));
        $found = array_filter($steps, static fn(float $one): bool => $one >= $least && $one <= $most && abs($one - $now) > $now * VesselLines::MARK_READ_TO['value']);
        usort($found, static fn(float $a, float $b): int => abs($a - $now) <=> abs($b - $now));

        return array_map(Volume::ofMillilitres(...), array_slice($found, 0, MeasureLines::VOLUMES_TRIED['value']));
    }
}
