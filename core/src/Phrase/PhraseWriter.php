<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\UnitNames;
use IdleMixer\Core\Recipe\Basis;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Words\Say;

/** Writes lines of a recipe as somebody would type them, so that the reader takes them back for the same, in any kitchen. */
final class PhraseWriter
{
    /** Rounding of a number of spoons. */
    private const PLAIN_WITHIN = 1e-9;

    private const FRACTIONS = ['1/4' => 0.25, '1/3' => 1 / 3, '1/2' => 0.5, '2/3' => 2 / 3, '3/4' => 0.75];

    /** @return list<string> a recipe as one would type it, the water first */
    public static function lines(Recipe $recipe): array
    {
        return [...($recipe->basis === null ? [] : [self::basis($recipe->basis)]), ...array_map(self::line(...), $recipe->lines)];
    }

    /** What is taken of a stock is named by it: whoever reads it again has to know the stock. */
    public static function line(RecipeLine $line): string
    {
        $line = self::inPlainUnits($line);
        $much = self::number($line->amount->value) . ($line->upTo === null ? '' : Say::it('phrase/phrase-writer.to', ['number' => self::number($line->upTo)]));
        if ($line->amount->unit === Unit::One) {
            return $much . ($line->amount->value > 1.0 ? ' eggs' : ' egg');
        }
        $strength = $line->strength === null ? '' : Say::it('phrase/phrase-writer.at', ['number' => self::number($line->strength)]);

        $of = $line->ingredient === null ? Say::it('phrase/phrase-writer.of', ['name' => $line->stock->name ?? '']) : $line->ingredient->name;

        return "{$much} " . UnitNames::typed($line->amount->unit) . " {$of}{$strength}";
    }

    /** Nobody measures 0.823 of a tablespoon: what is no kitchen fraction of a spoon is said in mL. */
    private static function inPlainUnits(RecipeLine $line): RecipeLine
    {
        $unit = $line->amount->unit;
        if ($unit->dimension() !== Dimension::Volume || $unit === Unit::Drop || (self::isPlain($line->amount->value) && ($line->upTo === null || self::isPlain($line->upTo)))) {
            return $line;
        }
        $amount = Amount::of($line->amount->inBase(), Unit::Millilitre);
        $upTo = $line->upTo === null ? null : $line->upTo * $unit->factor();

        return $line->ingredient === null
            ? ($line->stock === null ? $line : RecipeLine::ofStock($line->stock, $amount, $upTo))
            : RecipeLine::ofIngredient($line->ingredient, $amount, $upTo, $line->strength);
    }

    /** Eighths and thirds, and tenths. */
    private static function isPlain(float $value): bool
    {
        foreach ([24.0, 10.0] as $parts) {
            if (abs($value * $parts - round($value * $parts)) < self::PLAIN_WITHIN) {
                return true;
            }
        }

        return false;
    }

    public static function basis(Basis $basis): string
    {
        $much = self::number($basis->amount->value) . ' ' . UnitNames::typed($basis->amount->unit);

        return $basis->of === BasisOf::Water ? Say::it('phrase/phrase-writer.of-water', ['much' => $much]) : Say::it('phrase/phrase-writer.made-up-to', ['much' => $much]);
    }

    private static function number(float $value): string
    {
        $whole = floor($value);
        foreach (self::FRACTIONS as $sign => $share) {
            if (abs($value - $whole - $share) < 1e-12) {
                return ($whole > 0.0 ? (int) $whole . ' ' : '') . $sign;
            }
        }
        $text = rtrim(rtrim(number_format($value, 12, '.', ''), '0'), '.');

        // Three decimals after a point could be thousands elsewhere.
        return preg_match('/\A[1-9]\d{0,2}\.\d{3}\z/', $text) === 1 ? "{$text}0" : $text;
    }
}
