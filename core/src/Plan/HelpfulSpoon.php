<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;

/** The one spoon that a set is missing most for this spray. */
final readonly class HelpfulSpoon
{
    /**
     * @param list<string> $closer names of what would then be measured within tolerance
     * @param int          $saved  moves that it would save
     */
    private function __construct(public Measure $measure, public array $closer, public int $saved) {}

    public static function of(Plan $plan): ?self
    {
        $kit = $plan->bench->kit;
        $items = array_values($plan->load(1)->items);
        $best = null;
        foreach (Kit::kitchen()->measures as $measure) {
            if ($measure->isDropper || self::isThere($measure, $kit)) {
                continue;
            }
            $with = new Kit([...$kit->measures, $measure], $kit->scale);
            $closer = [];
            $saved = 0;
            foreach ($items as $item) {
                $then = $with->planner()->plan($item->millilitres(), $item->part?->ingredient->density->value ?? $item->pour?->density, $item->part !== null && ! $item->part->ingredient->substance->isLiquid());
                $closer = $then->isWithinTolerance() && ($item->measured->thinned !== null || ! $item->measured->isWithinTolerance()) ? [...$closer, $item->name()] : $closer;
                $saved += $item->measured->isWithinTolerance() ? max(0, $item->measured->taps() - $then->taps()) : 0;
            }
            $one = new self($measure, $closer, $saved);
            $best = $best === null || [count($one->closer), $one->saved] > [count($best->closer), $best->saved] ? $one : $best;
        }

        return $best !== null && ($best->closer !== [] || $best->saved >= MeasureLines::WORTH_A_SPOON['value']) ? $best : null;
    }

    private static function isThere(Measure $measure, Kit $kit): bool
    {
        return array_filter($kit->measures, static fn(Measure $own): bool => abs($own->millilitres / $measure->millilitres - 1.0) <= MeasureLines::TOLERANCE['value']) !== [];
    }
}
