<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** Eggs are counted, whatever spoons there are. */
final class EggCount
{
    public static function applies(Part $part): bool
    {
        return $part->pour === null && $part->ingredient->pieceVolume !== null;
    }

    public static function plan(Part $part): ScoopPlan
    {
        $each = $part->ingredient->pieceVolume->value ?? 1.0;
        $count = max(1, (int) round($part->millilitres / $each));

        return new ScoopPlan([new Scoop(Measure::ofPiece(Amount::of(1, Unit::One), $each), $count)], $part->millilitres);
    }
}
