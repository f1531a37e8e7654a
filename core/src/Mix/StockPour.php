<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

/** So much of a stock, poured as one. */
final readonly class StockPour
{
    public function __construct(
        /** Of the stock's own recipe. */
        public string $slug,
        public string $name,
        public float $millilitres,
        /** g/mL of the stock as it is poured. */
        public float $density,
    ) {}

    public function times(float $factor): self
    {
        return new self($this->slug, $this->name, $this->millilitres * $factor, $this->density);
    }
}
