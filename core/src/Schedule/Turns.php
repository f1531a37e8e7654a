<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** Days from one spray of a rotation to another, where practice names them. */
final readonly class Turns
{
    /** @param array<string, int> $days by "way>way" */
    public function __construct(private array $days) {}

    public static function shipped(): self
    {
        /** @var array<string, int> $days */
        $days = require __DIR__ . '/../../data/turns.php';

        return new self($days);
    }

    /** Days that must pass after `$before` before `$next` is sprayed. */
    public function between(InTurn $before, InTurn $next): int
    {
        return $this->days["{$before->way}>{$next->way}"] ?? $next->pace ?? $before->pace ?? 0;
    }
}
