<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Quantity\Amount;

/** A kitchen scale as a measure: whole steps of what it shows. */
final class ScaleFill
{
    /** A weighing is a jar, a zero and a slow pour: as much work as three spoonfuls, by our own reckoning. */
    public const MOVES = MeasureLines::WEIGHING['value'];

    /**
     * @param Amount $resolution one step of the scale
     * @param float  $wanted     mL, above 0
     * @param float  $density    g/mL
     */
    public static function plan(Amount $resolution, float $wanted, float $density): ScoopPlan
    {
        $step = Measure::ofPiece($resolution, $resolution->inBase() / $density);

        return new ScoopPlan([new Scoop($step, max(1, (int) round($wanted / $step->millilitres)))], $wanted);
    }
}
