<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** A quantity that cannot be: negative, not finite, or of the wrong dimension. */
final class InvalidQuantity extends \DomainException implements Failure
{
    private function __construct(string $message, public readonly float $value, private readonly string $path = '')
    {
        parent::__construct($message);
    }

    public static function becauseNotPositive(float $value, string $what): self
    {
        return new self(Say::it('quantity/invalid-quantity.not-positive', ['what' => $what, 'value' => (string) $value]), $value);
    }

    public static function becauseNegative(float $value, string $what): self
    {
        return new self(Say::it('quantity/invalid-quantity.negative', ['what' => $what, 'value' => (string) $value]), $value);
    }

    public static function becauseOutside(float $value, string $what, float $low, float $high, string $unit): self
    {
        return new self(Say::it('quantity/invalid-quantity.outside', ['what' => $what, 'low' => (string) $low, 'high' => (string) $high, 'unit' => $unit, 'value' => (string) $value]), $value);
    }

    public static function becauseTooCold(float $value, float $zero): self
    {
        return new self(Say::it('quantity/invalid-quantity.too-cold', ['zero' => (string) $zero, 'value' => (string) $value]), $value);
    }

    public static function becauseWrongDimension(float $value, Unit $unit, Dimension $wanted): self
    {
        return new self(Say::it('quantity/invalid-quantity.wrong-dimension', ['unit' => $unit->value, 'dimension' => $unit->dimension()->value, 'wanted' => $wanted->value]), $value);
    }

    public function path(): string
    {
        return $this->path;
    }
}
