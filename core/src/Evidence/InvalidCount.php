<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Failure;
use IdleMixer\Core\Words\Say;

/** Counts that cannot be, or from which nothing can be worked out. */
final class InvalidCount extends \DomainException implements Failure
{
    private function __construct(string $message, public readonly float $value)
    {
        parent::__construct($message);
    }

    public static function becauseNegative(float $value, string $what): self
    {
        return new self(Say::it('evidence/invalid-count.negative', ['what' => ucfirst($what), 'value' => (string) $value]), $value);
    }

    public static function becauseZero(string $what): self
    {
        return new self(Say::it('evidence/invalid-count.zero', ['what' => ucfirst($what)]), 0.0);
    }

    public static function becauseMoreThanAll(int $some, int $all): self
    {
        return new self(Say::it('evidence/invalid-count.more-than-all', ['some' => $some, 'all' => $all]), (float) $some);
    }

    public function path(): string
    {
        return '';
    }
}
