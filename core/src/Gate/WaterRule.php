<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Safety\VesselJudge;

/** What it is mixed from and with: hot water, gas, peroxide that burns skin. */
final readonly class WaterRule implements Rule
{
    private VesselJudge $vessel;

    public function __construct(Limits $limits)
    {
        $this->vessel = new VesselJudge($limits);
    }

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        return array_values(array_filter([
            ...$this->vessel->verdicts($question->spray->strengths, $question->water),
            self::peroxide($question),
        ]));
    }

    private static function peroxide(Question $question): ?Verdict
    {
        $bottle = $question->spray->peroxideBottle;
        $args = ['percent' => $bottle ?? 0.0, 'limit' => GateLines::PEROXIDE_BURNS['value'], 'stop' => GateLines::PEROXIDE_STOP['value']];

        return match (true) {
            $bottle === null || $question->spray->use === RecipeUse::Stock || $question->spray->strengths->in(SubstanceGroup::Peroxide) <= 0.0 || $bottle <= GateLines::PEROXIDE_BURNS['value'] => null,
            $bottle >= GateLines::PEROXIDE_STOP['value'] => Verdict::of(Finding::PeroxideBottleStop, $args, GateLines::PEROXIDE_STOP['source']),
            default => Verdict::of(Finding::PeroxideBottleCaution, $args, GateLines::PEROXIDE_BURNS['source']),
        };
    }
}
