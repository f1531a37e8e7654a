<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Mix\Equivalents;

/** Says one thing in water in every way that people say it, from the low to the high end of its range. */
final readonly class EquivalentWords
{
    /** @return array{amount: string, percent: string, pure: string|null, parts: string, perLitre: string, perGallon: string} */
    public static function of(Equivalents $low, Equivalents $high): array
    {
        $powder = $low->powder;

        return [
            'amount' => self::span($low->millilitres, $high->millilitres) . ' mL (' . self::span($low->grams, $high->grams) . ' g)',
            'percent' => self::span($low->percent, $high->percent) . ($powder ? ' g per 100 mL' : ' % by volume'),
            'pure' => $low->purePercent === null || $high->purePercent === null ? null : self::span($low->purePercent, $high->purePercent) . ' % pure',
            'parts' => '1 part to ' . self::span($low->partsWater, $high->partsWater) . ' parts of water',
            'perLitre' => self::span($low->perLitre, $high->perLitre) . ($powder ? ' g' : ' mL') . ' to each litre of water',
            'perGallon' => self::span($low->tablespoonsPerGallon, $high->tablespoonsPerGallon) . ' US tbsp to each US gallon of water',
        ];
    }

    /** “2 to 4”, the smaller first; one figure where they read the same. */
    private static function span(float $one, float $other): string
    {
        $figures = [Figures::short(min($one, $other)), Figures::short(max($one, $other))];

        return implode(' to ', array_unique($figures));
    }
}
