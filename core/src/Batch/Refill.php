<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Measure\ScoopPlan;

/** What went with what was spilled while a load was mixed: put back, the load comes out as planned. */
final class Refill
{
    /**
     * @param int $number of the load, from 1
     *
     * @return array<string, ScoopPlan> by key of the load's item, in the spoons at hand; what was put back since is not in it
     */
    public static function of(BatchRecord $batch, History $history, int $number): array
    {
        $spills = array_filter($history->before($number), static fn(BottleLine $line): bool => $line->kind === BottleLineKind::Spilled);
        if ($spills === []) {
            return [];
        }
        $load = $history->taken($number, $batch->load($number));
        $left = $history->scooped($number, $load);
        $spilled = new History($history->startedAt, $history->ticks, [], [], null, null);
        $back = [];
        foreach ($spilled->scooped($number, $load) as $key => $ticked) {
            $item = $load->items[$key];
            $missing = $ticked - $left[$key] - self::putBack($history->before($number), $spills, $item->part->ingredient->slug ?? '');
            if ($item->part !== null && $missing > $item->millilitres() * ScoopPlan::TOLERANCE) {
                $back[$key] = $batch->kit->planner()->plan($missing, $item->part->ingredient->density->value, ! $item->part->ingredient->substance->isLiquid());
            }
        }

        return $back;
    }

    /**
     * @param list<BottleLine>                 $lines
     * @param non-empty-array<int, BottleLine> $spills
     *
     * @return float mL of an ingredient that went in since the first of them
     */
    private static function putBack(array $lines, array $spills, string $ingredient): float
    {
        $first = min(array_map(static fn(BottleLine $line): int => $line->at->getTimestamp(), $spills));
        $sum = 0.0;
        foreach ($lines as $line) {
            foreach ($line->kind === BottleLineKind::Added && $line->at->getTimestamp() >= $first ? $line->parts : [] as $part) {
                $sum += $part->ingredient->slug === $ingredient ? $part->millilitres : 0.0;
            }
        }

        return $sum;
    }
}
