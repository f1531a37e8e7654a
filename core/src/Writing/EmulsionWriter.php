<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Wording\Durations;

/** Writes the emulsion block of a plan. Without oil nothing has to be held, and there is nothing to shake again. */
final class EmulsionWriter
{
    /** Decimals that a forecast is written with: a millionth of a second, a tenth of a µm. Short numbers are quick to write. */
    private const SECOND_DIGITS = 6;

    private const MILLIMETRE_DIGITS = 4;

    /** @return array<string, mixed> */
    public static function write(Plan $plan): array
    {
        $forecast = $plan->emulsion;
        $orders = [];
        foreach (MixingOrder::cases() as $order) {
            $seconds = $forecast->reshake[$order->value] ?? null;
            if ($seconds !== null) {
                $orders[] = ['order' => $order->value, 'reshake_seconds' => round($seconds, self::SECOND_DIGITS), 'words' => Durations::interval($seconds)];
            }
        }

        return [
            'soap_given_mL' => $forecast->budget->given,
            'soap_needed_mL' => $forecast->budget->needed,
            'soap_lost_to_hardness_mL' => $forecast->budget->lost,
            'soap_to_add_mL' => $orders === [] ? 0.0 : $forecast->budget->toAdd,
            'line_to_add' => self::lineToAdd($plan),
            'verdict' => $forecast->verdict->value,
            'reshake_seconds' => round($forecast->reshake[$plan->bench->recipe->order->value] ?? 0.0, self::SECOND_DIGITS),
            'hardness_assumed' => $forecast->hardnessAssumed,
            'orders' => $orders,
            'glass' => array_map(static fn(array $row): array => [...$row, 'on_top_mm' => round($row['on_top_mm'], self::MILLIMETRE_DIGITS)], $forecast->glass),
            'glass_height_mm' => $forecast->glassHeight,
            'last_tenth_oil_percent' => $plan->strengths->oily() * $forecast->last,
            'because' => 'Shake again when what the tube draws has lost a fifth of its oil: then the leaves have had too little, and what stays behind grows stronger (our own tolerance, for a tube 15 mm above the bottom).',
        ];
    }

    /**
     * What is missing, as a line for the recipe as it is written: of the emulsifier that is in it, else castile.
     *
     * @return array{ingredient: string, amount: float, unit: string}|null
     */
    private static function lineToAdd(Plan $plan): ?array
    {
        $missing = $plan->emulsion->budget->toAdd;
        $basis = $plan->bench->recipe->basis;
        if ($missing <= 0.0 || $basis === null || $plan->emulsion->reshake === []) {
            return null;
        }
        $scale = $basis->of === BasisOf::Water ? $basis->millilitres() / $plan->whole->water : $basis->millilitres() / $plan->whole->finished();
        $ingredient = 'castile-soap';
        foreach ($plan->whole->parts as $part) {
            $ingredient = $part->ingredient->substance->isEmulsifier() ? $part->ingredient->slug : $ingredient;
        }

        return ['ingredient' => $ingredient, 'amount' => $missing * $scale / $plan->bench->factor, 'unit' => 'mL'];
    }
}
