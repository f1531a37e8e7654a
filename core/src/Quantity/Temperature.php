<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

/** Temperatures, which are no multiples of each other. */
final class Temperature
{
    /**
     * In °C. Fahrenheit by definition: (F - 32) × 5/9.
     *
     * @throws InvalidQuantity when the unit is no temperature
     */
    public static function celsius(Amount $amount): float
    {
        return match ($amount->unit) {
            Unit::Celsius => $amount->value,
            Unit::Fahrenheit => ($amount->value - 32.0) * 5.0 / 9.0,
            default => throw InvalidQuantity::becauseWrongDimension($amount->value, $amount->unit, Dimension::Temperature),
        };
    }
}
