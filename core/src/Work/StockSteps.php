<?php

declare(strict_types=1);

namespace IdleMixer\Core\Work;

use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\Recipe;

/** How a stock is made before anything is poured from it: its own lines in a jar of its own. */
final class StockSteps
{
    /**
     * @param float $keeps hours that it keeps
     *
     * @return list<Step>
     */
    public static function of(Recipe $stock, float $keeps): array
    {
        $said = ['stock' => $stock->name];
        $steps = [new Step(StepCode::StockFirst, null, $said)];
        foreach ($stock->lines as $line) {
            $name = $line->ingredient->name ?? $line->stock->name ?? '';
            $steps[] = new Step(StepCode::StockAdd, null, ['amount' => $line->amount->value, 'unit' => $line->amount->unit->value, 'of' => $name]);
        }
        $steps[] = new Step($stock->order === MixingOrder::Blender ? StepCode::StockBlend : StepCode::StockShake);
        $steps[] = new Step(StepCode::StockLabel, null, [...$said, 'keeps' => $keeps]);

        return $steps;
    }
}
