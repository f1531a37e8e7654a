<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Recipe\RecipeUse;

/** The one amount of water that a recipe is reckoned by. */
final class OneWater
{
    /**
     * @param list<SpokenBasis> $said
     *
     * @return SpokenBasis|null null for a stock
     *
     * @throws InvalidDocument when there is none, or more than one
     */
    public static function of(array $said, RecipeUse $use): ?SpokenBasis
    {
        if ($use === RecipeUse::Stock) {
            return $said === [] ? null : throw InvalidDocument::because('/lines', 'A stock has no water in it. Leave the water out, or say that this is a spray.', null);
        }

        return match (count($said)) {
            0 => throw InvalidDocument::because('/lines', 'Say how much water there is, on a line of its own: like “1 gallon of water” or “made up to 1 litre”.', null),
            1 => $said[0],
            default => throw InvalidDocument::because('/lines', 'There are two lines of water. Leave one: everything else is reckoned by it.', null),
        };
    }
}
