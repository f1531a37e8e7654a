<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/**
 * Finds the fewest scoops that stay within 5 % of a wanted amount; among equally few, the one without drops, then with fewer kinds
 * of spoon, then the nearest.
 * Where that takes more than five scoops, the fewest within 10 %, if five do. When nothing stays within, the nearest amount
 * of at least one scoop. Drops are for liquids only.
 */
final class ScoopPlanner
{
    /** From this many of the largest measure on, whole counts of it alone always hit the 10 % wide window. */
    private const CLOSED_FORM_FROM = 20.0;

    private const MANY = MeasureLines::MANY_SCOOPS['value'];

    /** @var list<Measure> largest first, sizes distinct */
    private array $measures;

    /**
     * @param list<Measure> $measures 1 to 60
     * @param Amount|null   $scale     one step of a kitchen scale, where there is one
     * @param bool          $dropsLast whether drops are counted only where nothing else comes within 10 % in five moves
     */
    public function __construct(array $measures, private readonly ?Amount $scale = null, private readonly bool $dropsLast = false)
    {
        usort($measures, static fn(Measure $a, Measure $b): int => $b->millilitres <=> $a->millilitres);
        $distinct = [];
        foreach ($measures as $measure) {
            $distinct[(string) round($measure->millilitres, 9)] ??= $measure;
        }
        $this->measures = array_values($distinct);
    }

    /** @return list<Measure> largest first, sizes distinct */
    public function measures(): array
    {
        return $this->measures;
    }

    /**
     * Spoons, unless the scale is nearer, or saves more spoonfuls than weighing costs.
     *
     * @param float      $wanted  mL, finite and above 0
     * @param float|null $density g/mL, where it may be weighed
     * @param bool       $powder  whether it cannot be counted in drops
     */
    public function plan(float $wanted, ?float $density = null, bool $powder = false): ScoopPlan
    {
        $spoons = $this->spoons($wanted, $powder ? Measure::forPowder($this->measures) : $this->measures);
        if ($this->dropsLast && ! $powder) {
            $dropless = $this->spoons($wanted, array_values(array_filter($this->measures, static fn(Measure $measure): bool => $measure->amount->unit !== Unit::Drop)), MeasureLines::WIDER_TOLERANCE['value']);
            $spoons = $dropless->isWithinTolerance() && $dropless->count() <= self::MANY ? $dropless : $spoons;
        }
        if ($this->scale === null || $density === null) {
            return $spoons;
        }
        $weighed = ScaleFill::plan($this->scale, $wanted, $density);
        $better = $spoons->isWithinTolerance()
            ? $weighed->isWithinTolerance() && $spoons->count() > ScaleFill::MOVES
            : abs($weighed->errorPercent()) < abs($spoons->errorPercent());

        return $better ? $weighed : $spoons;
    }

    /**
     * @param list<Measure> $measures largest first
     * @param float         $at       share within which nothing has to be nearest yet
     */
    private function spoons(float $wanted, array $measures, float $at = ScoopPlan::TOLERANCE): ScoopPlan
    {
        $tolerance = ScoopPlan::TOLERANCE * (1 + 1e-12);
        $largest = $measures[0];
        if ($wanted / $largest->millilitres >= self::CLOSED_FORM_FROM) {
            $count = (int) ceil($wanted * (1 - $tolerance) / $largest->millilitres);

            return new ScoopPlan([new Scoop($largest, $count)], $wanted);
        }
        $sizes = array_map(static fn(Measure $measure): float => $measure->millilitres, $measures);
        $drop = array_key_last(array_filter($measures, static fn(Measure $measure): bool => $measure->amount->unit === Unit::Drop));
        $within = static fn(float $share): ?array => (new FewestScoops($sizes, $wanted, $wanted * (1 - $share), $wanted * (1 + $share), $drop))->counts();
        $counts = $within($tolerance);
        if ($counts !== null ? array_sum($counts) <= self::MANY : $at === ScoopPlan::TOLERANCE) {
            return $this->planOf($measures, $counts ?? (new NearestScoops($sizes, $wanted))->counts(), $wanted);
        }
        $wider = MeasureLines::WIDER_TOLERANCE['value'];
        $fewer = $within($wider * (1 + 1e-12));

        return $fewer !== null && array_sum($fewer) <= self::MANY ? $this->planOf($measures, $fewer, $wanted, $wider) : $this->planOf($measures, $counts ?? (new NearestScoops($sizes, $wanted))->counts(), $wanted);
    }

    /**
     * @param list<Measure>   $measures
     * @param array<int, int> $counts
     */
    private function planOf(array $measures, array $counts, float $wanted, float $within = ScoopPlan::TOLERANCE): ScoopPlan
    {
        $scoops = [];
        foreach ($counts as $i => $count) {
            if ($count > 0) {
                $scoops[] = new Scoop($measures[$i], $count);
            }
        }

        return new ScoopPlan($scoops, $wanted, $within);
    }
}
