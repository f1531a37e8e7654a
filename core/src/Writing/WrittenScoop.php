<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** One measure, filled level so many times. */
final readonly class WrittenScoop
{
    public function __construct(
        public int|float $amount,
        public string $unit,
        public int $count,
        /** What one fill holds. */
        public float $mL,
        /** What the household calls it; empty where it goes by its size. */
        public string $name,
        public string $words,
    ) {}
}
