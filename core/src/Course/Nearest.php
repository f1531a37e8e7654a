<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** The nearest to what was chosen that a leaf bears. */
final readonly class Nearest
{
    public function __construct(
        /** Days between rounds, 1 or more. */
        public int $everyDays,
        /** Multiplies what is in it; above 0, at most 1. */
        public float $factor,
    ) {}
}
