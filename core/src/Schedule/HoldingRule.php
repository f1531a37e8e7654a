<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Source\Sourced;

/** How long something keeps, by the schools. */
final readonly class HoldingRule
{
    public function __construct(
        /** Hours by the strictest school. */
        public Sourced $strict,
        /** Hours by the most patient school. */
        public Sourced $patient,
    ) {}
}
