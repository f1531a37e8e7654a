<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** How long it keeps, by the schools, in hours. */
final readonly class WrittenHolding
{
    public function __construct(
        public float $strict_hours,
        public float $patient_hours,
        public string $because,
    ) {}
}
