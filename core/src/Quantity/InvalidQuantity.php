<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Failure;

/** A quantity that cannot be: negative, not finite, or of the wrong dimension. */
final class InvalidQuantity extends \DomainException implements Failure
{
    private function __construct(string $message, public readonly float $value, private readonly string $path = '')
    {
        parent::__construct($message);
    }

    public static function becauseNotPositive(float $value, string $what): self
    {
        return new self(sprintf('%s must be a finite number above 0, found %s.', $what, (string) $value), $value);
    }

    public static function becauseNegative(float $value, string $what): self
    {
        return new self(sprintf('%s must be a finite number of 0 or more, found %s.', $what, (string) $value), $value);
    }

    public static function becauseOutside(float $value, string $what, float $low, float $high, string $unit): self
    {
        return new self(sprintf('%s must lie from %s to %s %s, found %s.', $what, (string) $low, (string) $high, $unit, (string) $value), $value);
    }

    public static function becauseTooCold(float $value, float $zero): self
    {
        return new self(sprintf('A temperature must be a finite number of %s °C or more, found %s.', (string) $zero, (string) $value), $value);
    }

    public static function becauseWrongDimension(float $value, Unit $unit, Dimension $wanted): self
    {
        return new self(sprintf(
            '“%s” measures %s; a %s is needed here.',
            $unit->value,
            $unit->dimension()->value,
            $wanted->value,
        ), $value);
    }

    public function path(): string
    {
        return $this->path;
    }
}
