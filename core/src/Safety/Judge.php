<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Recipe\RecipeUse;

/** Holds a spray against the limits of what it goes onto, and against the circumstances. */
final readonly class Judge
{
    private Ceilings $ceilings;

    private CircumstanceJudge $circumstances;

    public function __construct(Limits $limits)
    {
        $this->ceilings = new Ceilings($limits);
        $this->circumstances = new CircumstanceJudge($limits);
    }

    /**
     * @return list<Verdict> one a question asked, `ok` ones too
     *
     * @throws UnknownLimit when the catalogue of limits lacks a row
     */
    public function verdicts(Strengths $strengths, Target $target, Circumstances $circumstances): array
    {
        if ($target->use === RecipeUse::Stock) {
            return [new Verdict('stock-only', Level::Caution, 'stock-only', [], 'practice')];
        }
        $verdicts = array_values(array_filter([
            $target->surface() === Surface::Soil || $target->use === RecipeUse::Drench ? $this->drench($target) : null,
            $this->dormantOnLeaf($target),
        ]));
        foreach ($this->ceilings->of($target, $circumstances->season) as $ceiling) {
            $percent = $ceiling->percentOf($strengths);
            if ($percent > 0.0) {
                $verdicts[] = $ceiling->verdict($percent);
            }
        }

        return [...$verdicts, ...$this->circumstances->verdicts($strengths, $target, $circumstances)];
    }

    /** Why it may not go there at any strength; null where it may. */
    public function misplaced(Target $target, Circumstances $circumstances): ?Verdict
    {
        $found = [
            $target->use === RecipeUse::Drench ? $this->drench($target) : null,
            $this->dormantOnLeaf($target),
            $this->circumstances->season($target, $circumstances),
        ];
        foreach ($found as $verdict) {
            if ($verdict?->level === Level::Stop) {
                return $verdict;
            }
        }

        return null;
    }

    private function drench(Target $target): Verdict
    {
        if ($target->plant !== null && $target->plant->surface !== Surface::Soil) {
            return new Verdict('drench-on-leaves', Level::Stop, 'drench-on-leaves', ['plant' => lcfirst($target->plant->name)], 'practice');
        }

        return $target->use === RecipeUse::Drench
            ? new Verdict('drench-on-leaves', Level::Ok, 'drench-on-soil', [], 'practice')
            : new Verdict('leaf-spray-on-soil', Level::Caution, 'leaf-spray-on-soil', [], 'practice');
    }

    private function dormantOnLeaf(Target $target): ?Verdict
    {
        return $target->use === RecipeUse::Dormant && $target->plant?->surface === Surface::Leaf
            ? new Verdict('winter-oil-on-leaves', Level::Stop, 'winter-oil-on-leaves', ['plant' => lcfirst($target->plant->name)], 'practice')
            : null;
    }
}
