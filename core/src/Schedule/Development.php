<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** How fast a pest develops at one temperature; all in days, infinite where it does not. */
final readonly class Development
{
    public function __construct(
        /** °C. */
        public float $celsius,
        /** From an egg that is laid to the first that hatches. */
        public float $firstHatch,
        /** To the last. */
        public float $lastHatch,
        /** From egg or birth to adult. */
        public float $toAdult,
        private float $nymph,
        /** Whether young are born every day, and no eggs laid. */
        public bool $bears,
    ) {}

    /** Days from hatching, or birth, to adult. */
    public function nymph(): float
    {
        return $this->nymph;
    }
}
