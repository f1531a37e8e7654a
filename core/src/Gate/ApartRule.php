<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** What is kept apart on one plant: oil from sulfur, soap from copper, what wets leaves from insects that were set out on them. */
final readonly class ApartRule implements Rule
{
    public function verdicts(Question $question): array
    {
        $had = $question->whom?->had;
        if ($had === null || ! $question->isSprayed()) {
            return [];
        }

        return array_values(array_filter([
            $question->spray->strengths->in(SubstanceGroup::Oil) > 0.0 ? self::sulfur($had->sulfurDaysAgo) : null,
            $question->spray->has(Substance::TrueSoap, Substance::Detergent) && $had->copperDaysAgo !== null && $had->isCopperLately()
                ? Verdict::of(Finding::CopperLately, ['days' => $had->copperDaysAgo, 'limit' => GateLines::COPPER_MIND['value']], GateLines::COPPER_MIND['source'])
                : null,
            KeepsOff::insects($question) && $had->insectsDaysAgo !== null && $had->insectsDaysAgo < BoughtLines::LEFT_ALONE['value']
                ? Verdict::of(Finding::InsectsOut, ['days' => $had->insectsDaysAgo, 'limit' => BoughtLines::LEFT_ALONE['value']], BoughtLines::LEFT_ALONE['source'])
                : null,
        ]));
    }

    private static function sulfur(?float $days): ?Verdict
    {
        return match (true) {
            $days === null || $days > GateLines::SULFUR_MIND['value'] => null,
            $days <= GateLines::SULFUR_STOP['value'] => Verdict::of(Finding::SulfurStop, ['days' => $days, 'limit' => GateLines::SULFUR_STOP['value']], GateLines::SULFUR_STOP['source']),
            default => Verdict::of(Finding::SulfurCaution, ['days' => $days, 'limit' => GateLines::SULFUR_MIND['value']], GateLines::SULFUR_MIND['source']),
        };
    }
}
