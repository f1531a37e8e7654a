<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceiling;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Safety\Verdict;

/** What the plant is like today: in bloom, dry at the root, young, freshly moved. Common practice, no source. */
final readonly class StateRule implements Rule
{
    /** The class of leaf that young plants are held against. */
    private const TENDER = 'tender-leaf';

    public function __construct(private Ceilings $ceilings, private ToleranceCatalogue $classes) {}

    /** @throws UnknownLimit when the catalogue of limits lacks a row */
    public function verdicts(Question $question): array
    {
        $spray = $question->spray;
        $plant = $question->plant;

        return array_values(array_filter([
            $plant->isInBloom() && KeepsOff::flowers($question) ? Verdict::of(KeepsOff::bees($question) ? Finding::InFlower : Finding::InFlowerIndoors) : null,
            $plant->dryRoot && KeepsOff::thirst($question) ? Verdict::of(Finding::DryRoot) : null,
            $plant->isYoung() && $spray->isHarsh() ? $this->young($question) : null,
        ]));
    }

    private function young(Question $question): Verdict
    {
        $mild = $question->spray->isSwab() || $question->spray->factor <= GateLines::YOUNG_FACTOR['value'] || $this->isMild($question);

        return Verdict::of($mild ? Finding::YoungMild : Finding::Young, ['share' => 100.0 * GateLines::YOUNG_SHARE['value']]);
    }

    /** Whether everything in it is within half of what a tender leaf bears well. */
    private function isMild(Question $question): bool
    {
        $tender = Target::of(RecipeUse::Foliar, $this->classes->get(self::TENDER));
        foreach (Substance::cases() as $what) {
            $ceiling = $this->ceilings->forSubstance($what, $tender);
            if ($ceiling !== null && $ceiling->stop !== null && $question->spray->strengths->percent($what) > GateLines::YOUNG_SHARE['value'] * $ceiling->limit->value * (1 + Ceiling::ROUNDING)) {
                return false;
            }
        }

        return true;
    }
}
