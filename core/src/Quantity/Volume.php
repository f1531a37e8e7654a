<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Words\Say;

/** A volume of 0 mL or more, finite. */
final readonly class Volume
{
    private function __construct(private float $millilitres) {}

    /** @throws InvalidQuantity when the amount is negative or not finite, or the unit is no volume */
    public static function of(float $amount, Unit $unit): self
    {
        if ($unit->dimension() !== Dimension::Volume) {
            throw InvalidQuantity::becauseWrongDimension($amount, $unit, Dimension::Volume);
        }

        return self::ofMillilitres($amount * $unit->factor());
    }

    /** @throws InvalidQuantity when negative or not finite */
    public static function ofMillilitres(float $millilitres): self
    {
        if (! is_finite($millilitres) || $millilitres < 0.0) {
            throw InvalidQuantity::becauseNegative($millilitres, Say::it('quantity/volume.volume-in-ml'));
        }

        return new self($millilitres);
    }

    public function millilitres(): float
    {
        return $this->millilitres;
    }

    /** @throws InvalidQuantity when the unit is no volume */
    public function in(Unit $unit): float
    {
        if ($unit->dimension() !== Dimension::Volume) {
            throw InvalidQuantity::becauseWrongDimension($this->millilitres, $unit, Dimension::Volume);
        }

        return $this->millilitres / $unit->factor();
    }

    /** @throws InvalidQuantity when the factor is negative or the product not finite */
    public function times(float $factor): self
    {
        return self::ofMillilitres($this->millilitres * $factor);
    }

    public function isLessThan(self $other): bool
    {
        return $this->millilitres < $other->millilitres;
    }

    /** @param float $toleranceMl the difference in mL that still counts as equal */
    public function equals(self $other, float $toleranceMl): bool
    {
        return abs($this->millilitres - $other->millilitres) <= $toleranceMl;
    }
}
