<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Ingredient;

/** A bottle, a bag or a carton that stands in the house. */
final readonly class Bottle
{
    public function __construct(
        public Ingredient $holds,
        /** mL that are left, of a powder in the spoon; null where nobody said. */
        public ?float $left = null,
        /** Percent v/v on its label; null where nobody said, or where bottles state none. */
        public ?float $strength = null,
        /** What a mL of it cost, in the money of the house; null where nobody said. */
        public ?float $each = null,
    ) {}

    /** Percent v/v: as its label says, or as it is usually sold; null where bottles state none. */
    public function percent(): ?float
    {
        return $this->holds->substance->hasStrength() ? $this->strength ?? $this->holds->defaultStrength?->value : null;
    }
}
