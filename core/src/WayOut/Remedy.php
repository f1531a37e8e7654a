<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;

/** One way out: what to pour off, then what to add. */
final readonly class Remedy
{
    /**
     * @param array<string, ScoopPlan> $add   by key of the load's item
     * @param float                 $water    mL to add
     * @param float                 $pourOff  mL to pour off first
     * @param float                 $finished mL in the sprayer afterwards, at the most
     */
    public function __construct(
        public RemedyKind $kind,
        public array $add = [],
        public float $water = 0.0,
        public float $pourOff = 0.0,
        public float $finished = 0.0,
        /** Whether it comes back to the strength that was planned, not only to within the limits. */
        public bool $asPlanned = false,
        /** How many times the planned strength it is at the least and at the most, where it is used as it is. */
        public float $weakest = 1.0,
        public float $strongest = 1.0,
    ) {}
}
