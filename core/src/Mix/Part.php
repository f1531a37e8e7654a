<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\Ingredient;

/** So much of one ingredient in a mixture. */
final readonly class Part
{
    public function __construct(
        public Ingredient $ingredient,
        /** Room in mL; for a powder, in the spoon. */
        public float $millilitres,
        /** Percent v/v on the bottle. */
        public ?float $strength,
        /** Index of the stock pour of the mixture that brings it, null when it is measured out itself. */
        public ?int $pour,
    ) {}

    /** Percent on its bottle, as somebody said or as it is usually sold; null where bottles state none. */
    public function stated(): ?float
    {
        return $this->strength ?? $this->ingredient->defaultStrength?->value;
    }

    public function grams(): float
    {
        return $this->ingredient->grams($this->millilitres);
    }

    /** mL that it adds to the finished spray: dissolved solids take no room. */
    public function room(): float
    {
        return $this->ingredient->substance->isLiquid() ? $this->millilitres : 0.0;
    }

    /** mL of the pure substance in it. */
    public function pureMillilitres(): float
    {
        return $this->millilitres * ($this->strength ?? 100.0) / 100.0;
    }

    /** What its strength is told by: g of a powder, mL of the pure substance where the bottle states a strength, else mL. */
    public function counted(): float
    {
        return match (true) {
            ! $this->ingredient->substance->isLiquid() => $this->grams(),
            $this->ingredient->substance->hasStrength() => $this->pureMillilitres(),
            default => $this->millilitres,
        };
    }

    public function times(float $factor): self
    {
        return new self($this->ingredient, $this->millilitres * $factor, $this->strength, $this->pour);
    }

    public function inPour(?int $pour): self
    {
        return new self($this->ingredient, $this->millilitres, $this->strength, $pour);
    }
}
