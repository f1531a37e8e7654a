<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** When it may be judged, in hours after spraying. */
final readonly class WrittenFairLook
{
    public function __construct(
        public float $first_hours,
        public float $hours,
        public string $because,
    ) {}
}
