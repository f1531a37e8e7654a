<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Source\Sourced;

/** How long something keeps, and when its work can be judged. */
final readonly class HoldingRule
{
    public function __construct(
        public string $code,
        /** Hours by the strictest school. */
        public Sourced $strict,
        /** Hours by the most patient school. */
        public Sourced $patient,
    ) {}
}
