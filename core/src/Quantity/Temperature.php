<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

/** How warm something is. Frost and 0 °C are temperatures like others; below absolute zero nothing is. */
final readonly class Temperature
{
    /** °C, exact by definition of the kelvin. */
    public const ABSOLUTE_ZERO = -273.15;

    private function __construct(private float $celsius) {}

    /** @throws InvalidQuantity when it is not finite, or below absolute zero */
    public static function ofCelsius(float $celsius): self
    {
        if (! is_finite($celsius) || $celsius < self::ABSOLUTE_ZERO) {
            throw InvalidQuantity::becauseTooCold($celsius, self::ABSOLUTE_ZERO);
        }

        return new self($celsius);
    }

    /**
     * By definition (F - 32) × 5/9 °C.
     *
     * @throws InvalidQuantity when the unit is no temperature, or it is below absolute zero
     */
    public static function of(float $value, Unit $unit): self
    {
        return match ($unit) {
            Unit::Celsius => self::ofCelsius($value),
            Unit::Fahrenheit => self::ofCelsius(($value - 32.0) * 5.0 / 9.0),
            default => throw InvalidQuantity::becauseWrongDimension($value, $unit, Dimension::Temperature),
        };
    }

    public function celsius(): float
    {
        return $this->celsius;
    }

    /** @param float $tolerance kelvin that still count as equal */
    public function equals(self $other, float $tolerance): bool
    {
        return abs($this->celsius - $other->celsius) <= $tolerance;
    }
}
