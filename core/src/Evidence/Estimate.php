<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** By how many percent a spray brings a pest down, and between what the truth lies 19 times of 20. */
final readonly class Estimate
{
    public function __construct(
        /** Percent down in the middle: half of the cases do better. Below 0 where it grew. */
        public float $percent,
        public float $low,
        public float $high,
        public int $cases,
        public int $rounds,
    ) {}
}
