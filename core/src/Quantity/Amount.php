<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Words\Say;

/** A number of some unit, as somebody wrote it: 2 [tbs_us]. Finite and above zero. */
final readonly class Amount
{
    private function __construct(public float $value, public Unit $unit) {}

    /** @throws InvalidQuantity when the value is not finite and above zero, or too large for its base unit */
    public static function of(float $value, Unit $unit): self
    {
        if (! is_finite($value * $unit->factor()) || $value <= 0.0) {
            throw InvalidQuantity::becauseNotPositive($value, Say::it('quantity/amount.an-amount'));
        }

        return new self($value, $unit);
    }

    /** @throws InvalidQuantity when the unit is no volume */
    public function volume(): Volume
    {
        return Volume::of($this->value, $this->unit);
    }

    /** In the base unit of its dimension: mL, g, one, mg/L. */
    public function inBase(): float
    {
        return $this->value * $this->unit->factor();
    }

    /** @return array{amount: int|float, unit: string} */
    public function toArray(): array
    {
        $whole = (int) round($this->value);

        return ['amount' => abs($this->value) < 1e15 && (float) $whole === $this->value ? $whole : $this->value, 'unit' => $this->unit->value];
    }
}
