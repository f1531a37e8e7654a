<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Words\Say;

/** The one amount of water that a recipe is reckoned by, and its lines with every part of them known. */
final readonly class OneWater
{
    /** @param list<SpokenLine> $lines */
    private function __construct(public array $lines, public ?SpokenBasis $basis) {}

    /**
     * Where nobody says how much water there is, a rate brings its own, and a ratio is made by the cup.
     *
     * @param list<SpokenLine>  $lines
     * @param list<SpokenBasis> $said
     *
     * @throws InvalidDocument when there is none, or more than one, or parts of nothing
     */
    public static function of(array $lines, array $said, RecipeUse $use, OnePart $part): self
    {
        if ($use === RecipeUse::Stock) {
            return $said === [] ? new self(array_map($part->measured(...), $lines), null) : throw InvalidDocument::because('/lines', Say::it('phrase/one-water.stock-has-no-water-in'), null);
        }
        $said = self::withoutWhatComesOfIt($said);
        if (count($said) > 1) {
            throw InvalidDocument::because('/lines', Say::it('phrase/one-water.there-are-two-lines-of'), null);
        }
        $basis = $said[0] ?? self::own($lines);
        if ($basis === null) {
            throw InvalidDocument::because('/lines', Say::it('phrase/one-water.say-how-much-water-there'), null);
        }
        if ($basis->unit === null) {
            $lines = array_map(static fn(SpokenLine $line): SpokenLine => self::inParts($line) ? $line->inPartsTo($basis->amount) : $line, $lines);
        }
        if (array_filter($lines, self::inParts(...)) !== []) {
            throw InvalidDocument::because('/lines', Say::it('phrase/one-water.parts-of-what-say-how'), null);
        }

        return new self($lines, $basis->measuredBy($part->of($basis->amount)));
    }

    /**
     * Where water is measured, about as much that the whole makes is told, and not asked for.
     *
     * @param list<SpokenBasis> $said
     *
     * @return list<SpokenBasis>
     */
    private static function withoutWhatComesOfIt(array $said): array
    {
        $water = array_values(array_filter($said, static fn(SpokenBasis $one): bool => $one->of === BasisOf::Water && $one->unit !== null));
        if (count($said) !== 2 || count($water) !== 1) {
            return $said;
        }
        $measured = $water[0]->millilitres();
        $makes = $said[0] === $water[0] ? $said[1] : $said[0];

        return $makes->of === BasisOf::Finished && $makes->millilitres() >= $measured && $makes->millilitres() <= InputLines::MAKES_ABOUT['value'] * $measured ? $water : $said;
    }

    /** @param list<SpokenLine> $lines */
    private static function own(array $lines): ?SpokenBasis
    {
        foreach ($lines as $line) {
            if ($line->per !== null) {
                return $line->per;
            }
        }
        foreach ($lines as $line) {
            if ($line->waterParts !== null) {
                return SpokenBasis::parts($line->waterParts);
            }
        }

        return null;
    }

    private static function inParts(SpokenLine $line): bool
    {
        return $line->kind === SpokenKind::Parts && $line->waterParts === null;
    }
}
