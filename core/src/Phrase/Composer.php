<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Words\Say;

/**
 * Turns lines as they were said into lines of a recipe document on one basis: rates, percents and parts become amounts.
 *
 * With W mL of water, A mL of plain amounts, p of the finished spray and r of the water, the finished volume is
 * F = (W (1 + r) + A) / (1 - p); for a finished basis W = (F (1 - p) - A) / (1 + r). Volumes add; powders take no room.
 */
final class Composer
{
    /**
     * @param list<SpokenLine> $lines
     *
     * @return list<array{ingredient?: string, stock?: array<string, mixed>, amount: float, unit: string, upTo?: float, strength?: float}> lines of a recipe document
     *
     * @throws InvalidDocument when a line needs water and there is none, or the lines leave no room for water
     */
    public static function lines(array $lines, ?SpokenBasis $basis): array
    {
        $low = self::amounts($lines, $basis, false);
        $high = self::amounts($lines, $basis, true);

        return array_map(static function (SpokenLine $line, array $from, array $to): array {
            $of = $line->of instanceof Recipe ? ['stock' => RecipeWriter::write($line->of)] : ['ingredient' => $line->of->slug];
            $row = [...$of, 'amount' => $from[0], 'unit' => $from[1]];
            if ($line->high !== null) {
                $row['upTo'] = $to[0];
            }
            if ($line->strength !== null) {
                $row['strength'] = $line->strength;
            }

            return $row;
        }, $lines, $low, $high);
    }

    /**
     * @param list<SpokenLine> $lines
     *
     * @return list<array{float, string}>
     */
    private static function amounts(array $lines, ?SpokenBasis $basis, bool $high): array
    {
        $at = static fn(SpokenLine $line): float => $high ? $line->high ?? $line->low : $line->low;
        $plain = 0.0;
        $percent = 0.0;
        $parts = 0.0;
        foreach ($lines as $i => $line) {
            self::refuseWithoutWater($line, $basis, $i);
            $share = self::share($line, $at($line));
            match ($line->kind) {
                SpokenKind::Percent => $percent += $line->takesRoom() ? $share : 0.0,
                SpokenKind::Parts => $parts += $line->takesRoom() ? $share : 0.0,
                default => $plain += $line->takesRoom() ? self::plain($line, $at($line), $basis)[1] : 0.0,
            };
        }
        [$water, $finished] = self::volumes($basis, $plain, $percent, $parts);

        return array_map(static fn(SpokenLine $line): array => match ($line->kind) {
            SpokenKind::Percent => self::pure($line, self::share($line, $at($line)) * $finished),
            SpokenKind::Parts => [self::share($line, $at($line)) * $water, Unit::Millilitre->value],
            default => self::plain($line, $at($line), $basis)[0],
        }, $lines);
    }

    /** @return array{float, float} mL of water, and of finished spray */
    private static function volumes(?SpokenBasis $basis, float $plain, float $percent, float $parts): array
    {
        if ($basis === null) {
            return [0.0, $plain];
        }
        $volume = $basis->millilitres();
        if ($basis->of === BasisOf::Finished) {
            $water = ($volume * (1.0 - $percent) - $plain) / (1.0 + $parts);
            if ($water < 0.0) {
                throw InvalidDocument::because('/lines', Say::it('phrase/composer.these-lines-do-not-fit'), null);
            }

            return [$water, $volume];
        }
        if ($percent >= 1.0) {
            throw InvalidDocument::because('/lines', Say::it('phrase/composer.percents-come-to-100-or'), null);
        }

        return [$volume, ($volume * (1.0 + $parts) + $plain) / (1.0 - $percent)];
    }

    /**
     * What an amount or a rate comes to.
     *
     * @return array{array{float, string}, float} as a line has it, and in mL
     */
    private static function plain(SpokenLine $line, float $amount, ?SpokenBasis $basis): array
    {
        $unit = $line->unit ?? new UnitMeaning(1.0, Unit::Millilitre, 'mL');
        $times = $basis !== null && $line->per !== null ? $basis->millilitres() / $line->per->millilitres() : 1.0;
        $value = $amount * $unit->factor * $times;

        return [[$value, $unit->unit->value], $line->millilitres(Amount::of($value, $unit->unit))];
    }

    /** Share of the finished spray, or of the water; of alcohol and peroxide as it is in the bottle. */
    private static function share(SpokenLine $line, float $amount): float
    {
        return match ($line->kind) {
            SpokenKind::Percent => $amount / ($line->strength ?? 100.0),
            SpokenKind::Parts => $amount / ($line->waterParts ?? 1.0),
            default => 0.0,
        };
    }

    /** @return array{float, string} soda in g, since its percent is w/v; all else in mL */
    private static function pure(SpokenLine $line, float $millilitres): array
    {
        return $line->ingredient()?->substance === Substance::Soda
            ? [$millilitres, Unit::Gram->value]
            : [$millilitres, Unit::Millilitre->value];
    }

    private static function refuseWithoutWater(SpokenLine $line, ?SpokenBasis $basis, int $i): void
    {
        if ($basis === null && $line->kind !== SpokenKind::Amount) {
            throw InvalidDocument::because("/lines/{$i}", Say::it('phrase/composer.this-line-share-of-spray'), null);
        }
    }
}
