<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Source\Sourced;

/** What an ingredient can do to hold oil in water. */
final readonly class Emulsifying
{
    public function __construct(
        /** g of active substance in a g as bought, above 0 and at most 1. */
        public Sourced $active,
        /** g of active substance a litre from which the tension between oil and water falls no further (critical micelle concentration). */
        public Sourced $critical,
    ) {}
}
