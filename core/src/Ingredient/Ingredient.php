<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Source\Sourced;

/** Something that goes into a spray: what it is, and how heavy. */
final readonly class Ingredient
{
    public function __construct(
        public string $slug,
        public string $name,
        public Substance $substance,
        /** g/mL near 20 °C; for a powder, of the level spoonful. */
        public Sourced $density,
        /** Percent v/v on the bottle when nothing else is said; null where bottles state none. */
        public ?Sourced $defaultStrength,
        /** mL of one piece, for what is counted. */
        public ?Sourced $pieceVolume,
        /** Null for what holds no oil. */
        public ?Emulsifying $emulsifying = null,
        /** mN/m between it and bare water; null for what is no oil. */
        public ?Sourced $tension = null,
        private ?DensityByStrength $byStrength = null,
        /** Whether it is also sold as a dry powder, which is soaked before it is measured. */
        public bool $isSoaked = false,
    ) {}

    /** g of what holds oil in a mL as bought; 0 for what holds none. */
    public function activeGrams(): float
    {
        return ($this->emulsifying->active->value ?? 0.0) * $this->density->value;
    }

    /** The same as bottled at another strength: what is mostly water is heavier. */
    public function bottledAt(?float $strength): self
    {
        return $strength === null || $this->byStrength === null ? $this : new self(
            $this->slug,
            $this->name,
            $this->substance,
            $this->byStrength->at($strength),
            $this->defaultStrength,
            $this->pieceVolume,
            $this->emulsifying,
            $this->tension,
            $this->byStrength,
            $this->isSoaked,
        );
    }

    /** @return list<Dimension> how this may be measured out */
    public function dimensions(): array
    {
        return $this->pieceVolume === null
            ? [Dimension::Volume, Dimension::Mass]
            : [Dimension::Count, Dimension::Volume, Dimension::Mass];
    }

    /** Room in mL that an amount takes by itself (for a powder, in the spoon). */
    public function millilitres(Amount $amount): float
    {
        return match ($amount->unit->dimension()) {
            Dimension::Mass => $amount->inBase() / $this->density->value,
            Dimension::Count => $amount->inBase() * ($this->pieceVolume->value ?? 0.0),
            default => $amount->inBase(),
        };
    }

    /** Grams in so many mL of it. */
    public function grams(float $millilitres): float
    {
        return $millilitres * $this->density->value;
    }
}
