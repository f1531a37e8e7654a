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
     * @param list<string> $nearer names of what no measure at hand holds at all, and this one would come near to
     * @param int          $saved  moves that it would save
     */
    private function __construct(public Measure $measure, public array $closer, public array $nearer, private float $off, public int $saved) {}

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
            $closer = $nearer = [];
            $saved = 0;
            $off = 0.0;
            foreach ($items as $item) {
                $then = $with->planner()->plan($item->millilitres(), $item->part?->ingredient->density->value ?? $item->pour?->density, $item->part !== null && ! $item->part->ingredient->substance->isLiquid());
                $closer = $then->isWithinTolerance() && ($item->measured->thinned !== null || ! $item->measured->isWithinTolerance()) ? [...$closer, $item->name()] : $closer;
                if (abs($item->measured->errorPercent()) > MeasureLines::NOT_AT_ALL['value']) {
                    $off += abs($then->errorPercent());
                    $nearer = abs($then->errorPercent()) <= MeasureLines::NOT_AT_ALL['value'] && ! in_array($item->name(), $closer, true) ? [...$nearer, $item->name()] : $nearer;
                }
                $saved += $item->measured->isWithinTolerance() ? max(0, $item->measured->taps() - $then->taps()) : 0;
            }
            $one = new self($measure, $closer, $nearer, $off, $saved);
            $best = $best === null || $one->worth() > $best->worth() ? $one : $best;
        }

        return $best !== null && ($best->closer !== [] || $best->nearer !== [] || $best->saved >= MeasureLines::WORTH_A_SPOON['value']) ? $best : null;
    }

    /** @return array{int, int, float, int} what cannot be measured without it comes first */
    private function worth(): array
    {
        return [count($this->closer), count($this->nearer), -$this->off, $this->saved];
    }

    private static function isThere(Measure $measure, Kit $kit): bool
    {
        return array_filter($kit->measures, static fn(Measure $own): bool => abs($own->millilitres / $measure->millilitres - 1.0) <= MeasureLines::TOLERANCE['value']) !== [];
    }
}
