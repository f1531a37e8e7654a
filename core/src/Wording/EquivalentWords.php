<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Mix\Equivalents;
use IdleMixer\Core\Words\Say;

/** Says one thing in water in every way that people say it, from the low to the high end of its range. */
final readonly class EquivalentWords
{
    /** @return array{amount: string, percent: string, pure: string|null, parts: string, perLitre: string, perGallon: string} */
    public static function of(Equivalents $low, Equivalents $high): array
    {
        $powder = $low->powder;

        return [
            'amount' => Say::it('wording/equivalent-words.ml-g', ['span' => self::span($low->millilitres, $high->millilitres), 'span-2' => self::span($low->grams, $high->grams)]),
            'percent' => self::span($low->percent, $high->percent) . ($powder ? ' g per 100 mL' : Say::it('wording/equivalent-words.by-volume')),
            'pure' => $low->purePercent === null || $high->purePercent === null ? null : self::span($low->purePercent, $high->purePercent) . ' % pure',
            'parts' => Say::it('wording/equivalent-words.1-part-to-parts-of', ['span' => self::span($low->partsWater, $high->partsWater)]),
            'perLitre' => Say::it('wording/equivalent-words.to-each-litre-of-water', ['span' => self::span($low->perLitre, $high->perLitre), 'value' => $powder ? ' g' : ' mL']),
            'perGallon' => Say::it('wording/equivalent-words.us-tbsp-to-each-us', ['span' => self::span($low->tablespoonsPerGallon, $high->tablespoonsPerGallon)]),
        ];
    }

    /** “2 to 4”, the smaller first; one figure where they read the same. */
    private static function span(float $one, float $other): string
    {
        $figures = [Figures::short(min($one, $other)), Figures::short(max($one, $other))];

        return implode(' to ', array_unique($figures));
    }
}
