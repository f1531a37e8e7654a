<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Data\EmulsionLines;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;

/** Says how long the oil is held, and the one thing that mends it. */
final class EmulsionJudge
{
    /**
     * What is poured is stirred all the while, and wets no leaf: there a mix that parts does no harm (common practice, no source).
     *
     * @param float $seconds until it wants shaking again
     */
    public static function verdict(EmulsionForecast $forecast, float $seconds, ?HoldingRemedy $remedy, RecipeUse $use): Verdict
    {
        $args = [
            'seconds' => $seconds,
            'given' => $forecast->budget->given,
            'needed' => $forecast->budget->needed,
            'lost' => $forecast->budget->lost,
            'enough' => EmulsionLines::ENOUGH_FROM['value'],
            'short' => EmulsionLines::MARGINAL_FROM['value'],
            'depends' => $forecast->hardnessAssumed && $forecast->ifSoft !== $forecast->ifHard ? "depends-{$forecast->ifSoft->value}-{$forecast->ifHard->value}" : '',
        ];
        if ($forecast->verdict !== EmulsionVerdict::Short || $remedy === null) {
            return Verdict::of($forecast->verdict === EmulsionVerdict::Marginal ? Finding::EmulsionMarginal : Finding::EmulsionEnough, $args);
        }
        if ($use === RecipeUse::Drench) {
            return Verdict::of(Finding::EmulsionStirred, $args);
        }
        $scoop = $remedy->scoop;

        return Verdict::of(self::short($remedy), [
            ...$args,
            'name' => $remedy->ingredient->name ?? '',
            ...($scoop === null ? [] : [
                'in-all-count' => $scoop->count,
                'in-all-amount' => $scoop->measure->amount->value,
                'in-all-unit' => $scoop->measure->amount->unit->value,
                'in-all-name' => $scoop->measure->name,
                'in-all-mL' => $scoop->millilitres(),
            ]),
        ]);
    }

    private static function short(HoldingRemedy $remedy): Finding
    {
        return match ($remedy->kind) {
            HoldingRemedyKind::More => $remedy->softWaterHelps ? Finding::EmulsionShortMoreOrSoft : Finding::EmulsionShortMore,
            HoldingRemedyKind::SoftWater => Finding::EmulsionShortSoftWater,
            HoldingRemedyKind::First => Finding::EmulsionShortEmulsifierFirst,
            HoldingRemedyKind::KeepMoving => Finding::EmulsionShortKeepMoving,
        };
    }
}
