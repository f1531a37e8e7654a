<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that fits and is none of the three. */
final readonly class OtherAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        public bool $highEnd,
        public bool $half,
        /** Whether this house makes it otherwise than it is written. */
        public bool $stocked,
        public string $because,
    ) {}
}
