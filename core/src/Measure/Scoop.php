<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Dimension;

/** One measure, filled level so many times. */
final readonly class Scoop
{
    /** @param int $count 1 or more */
    public function __construct(public Measure $measure, public int $count) {}

    /** How often it is ticked off: what is weighed is one tick, whatever the scale shows. */
    public function taps(): int
    {
        return $this->isWeighed() ? 1 : $this->count;
    }

    /** mL that one tick stands for. */
    public function eachTap(): float
    {
        return $this->isWeighed() ? $this->millilitres() : $this->measure->millilitres;
    }

    /** On a scale, and not with a spoon. */
    public function isWeighed(): bool
    {
        return $this->measure->amount->unit->dimension() === Dimension::Mass;
    }

    public function millilitres(): float
    {
        return $this->measure->millilitres * $this->count;
    }
}
