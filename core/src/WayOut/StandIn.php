<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Measure\ScoopPlan;

/** Something that may go in for what ran out. */
final readonly class StandIn
{
    public function __construct(
        public Ingredient $with,
        public ScoopPlan $measured,
        /** Name of what ran out. */
        public string $spent,
        /** mL of it that are missing. */
        public float $missing,
        /** Key of what it costs. */
        public string $cost,
    ) {}
}
