<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

use IdleMixer\Core\Quantity\Temperature;

/** What is known of the water. */
final readonly class Water
{
    public function __construct(
        /** mg/L as CaCO3, 0 or more; null when unknown. */
        public ?float $hardness,
        /** Null when unknown. */
        public ?Temperature $temperature,
    ) {}
}
