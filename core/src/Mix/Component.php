<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Ingredient\Substance;

/** How much of one ingredient is in a spray: percent v/v as poured, of the pure substance where the bottle states a strength, g per 100 mL of a powder. */
final readonly class Component
{
    /**
     * @param float $low  percent at the least, 0 or more
     * @param float $high percent at the most; the same where nothing is unsure
     */
    public function __construct(
        public string $slug,
        public string $name,
        public Substance $substance,
        public float $low,
        public float $high,
    ) {}

    public function middle(): float
    {
        return ($this->low + $this->high) / 2.0;
    }
}
