<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Failure;

/** Counts that cannot be, or from which nothing can be worked out. */
final class InvalidCount extends \DomainException implements Failure
{
    private function __construct(string $message, public readonly float $value)
    {
        parent::__construct($message);
    }

    public static function becauseNegative(float $value, string $what): self
    {
        return new self(sprintf('%s must be 0 or more, found %s.', ucfirst($what), (string) $value), $value);
    }

    public static function becauseZero(string $what): self
    {
        return new self(sprintf('%s must be above 0: nothing can be compared with none.', ucfirst($what)), 0.0);
    }

    public static function becauseMoreThanAll(int $some, int $all): self
    {
        return new self(sprintf('%d of %d is not possible.', $some, $all), (float) $some);
    }

    public function path(): string
    {
        return '';
    }
}
