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
        /** Days over which rounds have to cover what is laid, where that is more than to the last hatch. */
        private ?float $cover = null,
        /** Whether pupae rest where no spray reaches them. */
        private bool $rests = false,
    ) {}

    /**
     * Day from which on no more rounds are needed, when they are so many days apart: the last of what was there at first has hatched; where
     * pupae are not touched, the last of it has grown.
     */
    public function covered(int $apart): float
    {
        return match (true) {
            $this->rests && is_finite($this->toAdult) => max($this->lastHatch, (floor($this->toAdult / $apart) - 1.0) * $apart),
            default => max($this->lastHatch, $this->cover ?? 0.0),
        };
    }


    /** Days from hatching, or birth, to adult. */
    public function nymph(): float
    {
        return $this->nymph;
    }
}
