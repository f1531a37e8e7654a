<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Amount;

/**
 * Finds the fewest scoops that stay within 5 % of a wanted amount; among equally few, the one
 * with fewer kinds of spoon, then the nearest.
 * When nothing stays within, the nearest amount of at least one scoop.
 */
final class ScoopPlanner
{
    /** From this many of the largest measure on, whole counts of it alone always hit the 10 % wide window. */
    private const CLOSED_FORM_FROM = 20.0;

    /** @var list<Measure> largest first, sizes distinct */
    private array $measures;

    /**
     * @param list<Measure> $measures 1 to 60
     * @param Amount|null   $scale    one step of a kitchen scale, where there is one
     */
    public function __construct(array $measures, private readonly ?Amount $scale = null)
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
     */
    public function plan(float $wanted, ?float $density = null): ScoopPlan
    {
        $spoons = $this->spoons($wanted);
        if ($this->scale === null || $density === null) {
            return $spoons;
        }
        $weighed = ScaleFill::plan($this->scale, $wanted, $density);
        $better = $spoons->isWithinTolerance()
            ? $weighed->isWithinTolerance() && $spoons->count() > ScaleFill::MOVES
            : abs($weighed->errorPercent()) < abs($spoons->errorPercent());

        return $better ? $weighed : $spoons;
    }

    private function spoons(float $wanted): ScoopPlan
    {
        $tolerance = ScoopPlan::TOLERANCE * (1 + 1e-12);
        $largest = $this->measures[0];
        if ($wanted / $largest->millilitres >= self::CLOSED_FORM_FROM) {
            $count = (int) ceil($wanted * (1 - $tolerance) / $largest->millilitres);

            return new ScoopPlan([new Scoop($largest, $count)], $wanted);
        }
        $sizes = array_map(static fn(Measure $measure): float => $measure->millilitres, $this->measures);
        $counts = (new FewestScoops($sizes, $wanted, $wanted * (1 - $tolerance), $wanted * (1 + $tolerance)))->counts()
            ?? (new NearestScoops($sizes, $wanted))->counts();

        return $this->planOf($counts, $wanted);
    }

    /** @param array<int, int> $counts */
    private function planOf(array $counts, float $wanted): ScoopPlan
    {
        $scoops = [];
        foreach ($counts as $i => $count) {
            if ($count > 0) {
                $scoops[] = new Scoop($this->measures[$i], $count);
            }
        }

        return new ScoopPlan($scoops, $wanted);
    }
}
