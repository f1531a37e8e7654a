<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Quantity\Unit;

/** One thing in water, said in every way that people say it. Volumes add; powders take no room. */
final readonly class Equivalents
{
    private function __construct(
        /** Percent of the finished spray as it is in the bottle: v/v, for a powder g per 100 mL. */
        public float $percent,
        /** Of the pure substance, where the bottle holds less; null elsewhere. */
        public ?float $purePercent,
        /** Parts of water to one part of it, by volume. */
        public float $partsWater,
        /** mL to each litre of water, for a powder g. */
        public float $perLitre,
        /** US tablespoons to each US gallon of water. */
        public float $tablespoonsPerGallon,
        public float $millilitres,
        public float $grams,
        public bool $powder,
    ) {}

    /** @param Mixture $mixture with water, and the part in it */
    public static function of(Mixture $mixture, Part $part): self
    {
        $powder = ! $part->ingredient->substance->isLiquid();
        $much = $powder ? $part->grams() : $part->millilitres;

        return new self(
            100.0 * $much / $mixture->finished(),
            $part->ingredient->substance->hasStrength() ? 100.0 * $part->pureMillilitres() / $mixture->finished() : null,
            $mixture->water / $part->millilitres,
            1000.0 * $much / $mixture->water,
            $part->millilitres / Unit::UsTablespoon->factor() * Unit::UsGallon->factor() / $mixture->water,
            $part->millilitres,
            $part->grams(),
            $powder,
        );
    }
}
