<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bench;

/** What is known of the water. */
final readonly class Water
{
    public function __construct(
        /** mg/L as CaCO3; null when unknown. */
        public ?float $hardness,
        /** °C; null when unknown. */
        public ?float $celsius,
    ) {}
}
