<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Recipe\BasisOf;

/** The water of a line, or what is topped up to. */
final class SpokenWater
{
    /**
     * Null where the clause is of something else.
     *
     * @throws Unclear when it is no one volume
     */
    public static function of(Clause $clause, SpokenUnits $units): ?SpokenBasis
    {
        if (! $clause->isWater() && ! $clause->finished) {
            return null;
        }
        $much = $clause->much;
        if ($much === null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::NoIngredient));
        }
        if ($much->high !== null && $much->kind !== MuchKind::Ratio) {
            throw Unclear::becauseOf(new Refusal(LineFinding::WaterRange));
        }
        if ($clause->tail !== null || $clause->strength !== null) {
            throw Unclear::becauseOf(new Refusal(LineFinding::Shape));
        }

        return match ($much->kind) {
            MuchKind::Parts => SpokenBasis::parts($much->low),
            MuchKind::Measured => self::volume($clause, $much, $units),
            MuchKind::Counted => throw Unclear::becauseOf(new Refusal(LineFinding::NoUnitWater)),
            default => throw Unclear::becauseOf(new Refusal(LineFinding::Shape)),
        };
    }

    private static function volume(Clause $clause, Much $much, SpokenUnits $units): SpokenBasis
    {
        $meaning = $units->meaning($much, true, array_column($clause->also, 0));
        if ($meaning->unit->dimension() !== Dimension::Volume) {
            throw Unclear::becauseOf(new Refusal(LineFinding::WaterWeighed, ['unit' => $meaning->words]));
        }
        $units->mustAgree($clause, null);

        return SpokenBasis::volume($much->low, $meaning, $clause->finished ? BasisOf::Finished : BasisOf::Water);
    }
}
