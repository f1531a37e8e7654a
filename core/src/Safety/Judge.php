<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceClass;
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
            return [Verdict::of(Finding::StockOnly)];
        }

        return array_values(array_filter([
            ...$this->place($target),
            ...array_map(static fn(Bound $bound): ?Verdict => $bound->verdict($strengths), $this->ceilings->of($target, $strengths)),
            self::bloom($strengths, $target),
            ...$this->circumstances->verdicts($strengths, $target, $circumstances),
        ]));
    }

    /** Why it may not go there at any strength; null where it may. */
    public function misplaced(Target $target, Circumstances $circumstances): ?Verdict
    {
        foreach ([...$this->place($target), $this->circumstances->season($target, $circumstances)] as $verdict) {
            if ($verdict?->level === Level::Stop) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return list<Verdict> */
    private function place(Target $target): array
    {
        $plant = $target->plant;
        $args = ['plant' => lcfirst($plant->name ?? '')];

        return array_values(array_filter([
            $target->use === RecipeUse::Drench && $plant !== null && $plant->surface !== Surface::Soil ? Verdict::of(Finding::DrenchOnLeaves, $args) : null,
            $target->use === RecipeUse::Drench && $target->surface() === Surface::Soil ? Verdict::of(Finding::DrenchOnSoil) : null,
            $target->use !== RecipeUse::Drench && $plant?->surface === Surface::Soil ? Verdict::of(Finding::LeafSprayOnSoil) : null,
            $target->use === RecipeUse::Dormant && $plant?->surface === Surface::Leaf ? Verdict::of(Finding::WinterOilOnLeaves, $args) : null,
            $target->use === RecipeUse::Spot ? self::swab($plant, $args) : null,
        ]));
    }

    /** @param array<string, string> $args */
    private static function swab(?ToleranceClass $plant, array $args): Verdict
    {
        return $plant?->wiltsByAlcohol === true
            ? Verdict::of(Finding::SwabOnHairs, $args)
            : Verdict::of(Finding::Swab);
    }

    /** A powdered leaf bears oil, but not its powder. */
    private static function bloom(Strengths $strengths, Target $target): ?Verdict
    {
        return $target->plant?->hasBloom === true && $strengths->oily() > 0.0 && $target->use !== RecipeUse::Spot
            ? Verdict::of(Finding::OilOnBloom, ['plant' => lcfirst($target->plant->name)])
            : null;
    }
}
