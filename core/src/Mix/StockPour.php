<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

use IdleMixer\Core\Recipe\Recipe;

/** So much of a stock that goes into a mixture as one. */
final readonly class StockPour
{
    public function __construct(
        public Recipe $stock,
        public float $millilitres,
        /** g per mL of the stock as mixed. */
        public float $density,
    ) {}

    public function times(float $factor): self
    {
        return new self($this->stock, $this->millilitres * $factor, $this->density);
    }
}
