<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** An amount by eye, and what the household measured of it. */
final readonly class ByEyeAnswer
{
    public function __construct(
        public string $code,
        public string $words,
        public float $lowMl,
        public float $highMl,
        public ?float $measuredMl,
    ) {}
}
