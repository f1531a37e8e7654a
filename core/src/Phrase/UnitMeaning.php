<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Quantity\Unit;

/**
 * What a word for a unit stands for: so many of a unit of the open documents. An Australian tablespoon is 20 mL there.
 */
final readonly class UnitMeaning
{
    public function __construct(public float $factor, public Unit $unit, public string $words) {}

    /** Millilitres, grams or pieces in one. */
    public function inBase(): float
    {
        return $this->factor * $this->unit->factor();
    }

    public function isSame(self $other): bool
    {
        return $this->factor === $other->factor && $this->unit === $other->unit;
    }
}
