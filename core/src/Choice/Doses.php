<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\Recipe;

/** The doses of a recipe from strongest to weakest: the high end, as written, half. */
final readonly class Doses
{
    private const HALF = ChoiceLines::HALF['value'];

    /** Rounding of the arithmetic. */
    private const ROUNDING = 1e-9;

    public function __construct(private Formulator $formulator) {}

    /** @return non-empty-list<Dose> */
    public function of(Recipe $recipe): array
    {
        $doses = [];
        foreach ([[true, 1.0], [false, 1.0], [false, self::HALF]] as [$highEnd, $factor]) {
            $doses[] = new Dose($highEnd, $factor, Strengths::of($this->formulator->onBasis($recipe, $highEnd, $factor)));
        }

        return $doses;
    }

    /**
     * The strongest dose that the severity asks for and the leaf bears; null when even half is too much.
     *
     * @param float|null $limit percent v/v of oil; null where oil harms no leaf
     */
    public function fitting(Recipe $recipe, ?float $limit, Severity $severity): ?Dose
    {
        foreach ($this->of($recipe) as $dose) {
            $asked = ! $dose->highEnd || $severity === Severity::Heavy;
            if ($asked && ($limit === null || $dose->oil() <= $limit * (1 + self::ROUNDING))) {
                return $dose;
            }
        }

        return null;
    }
}
