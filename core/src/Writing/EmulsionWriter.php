<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;

/** Writes the emulsion block of a plan. Without oil nothing has to be held, and there is nothing to shake again. */
final class EmulsionWriter
{
    /** Decimals that a forecast is written with: a millionth of a second, a tenth of a µm. Short numbers are quick to write. */
    private const SECOND_DIGITS = 6;

    private const MILLIMETRE_DIGITS = 4;

    public static function write(Plan $plan): WrittenEmulsion
    {
        $forecast = $plan->emulsion;
        $orders = [];
        foreach (MixingOrder::cases() as $order) {
            $seconds = $forecast->reshake[$order->value] ?? null;
            if ($seconds !== null) {
                $orders[] = new WrittenOrder($order->value, round($seconds, self::SECOND_DIGITS), Durations::interval($seconds));
            }
        }

        return new WrittenEmulsion(
            $forecast->budget->given,
            $forecast->budget->needed,
            $forecast->budget->lost,
            $forecast->budget->stillTaken,
            self::remedy($plan),
            $forecast->verdict->value,
            round($forecast->reshake[$plan->bench->recipe->order->value] ?? 0.0, self::SECOND_DIGITS),
            $forecast->hardnessAssumed,
            $orders,
            array_map(static fn(array $row): WrittenGlass => new WrittenGlass($row['seconds'], round($row['on_top_mm'], self::MILLIMETRE_DIGITS), $row['tube_share']), $forecast->glass),
            $forecast->glassHeight,
            $plan->strengths->oily() * $forecast->last,
            Say::it('writing/emulsion-writer.shake-again-when-what-tube'),
        );
    }

    /** What mends it, as a line for the recipe as it is written. */
    private static function remedy(Plan $plan): ?WrittenRemedy
    {
        $remedy = $plan->remedy;
        if ($remedy === null) {
            return null;
        }
        $basis = $plan->bench->recipe->basis;
        if ($remedy->ingredient === null || $remedy->scoop === null || $basis === null) {
            return new WrittenRemedy($remedy->kind->value, null, null);
        }
        $whole = $basis->of === BasisOf::Water ? $plan->whole->water : $plan->whole->finished();

        return new WrittenRemedy(
            $remedy->kind->value,
            new WrittenExtraLine($remedy->ingredient->slug, $remedy->total * $basis->millilitres() / $whole / $plan->bench->factor, 'mL'),
            Say::it('writing/emulsion-writer.of-in-all', ['scoop' => Measures::scoop($remedy->scoop), 'name' => $remedy->ingredient->name, 'millilitres' => Measures::metric($remedy->scoop->millilitres())]),
        );
    }
}
