<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A volume near the one that is needed whose last load is worth mixing. */
final readonly class SensibleAnswer
{
    public function __construct(
        public float $mL,
        public float $amount,
        public string $words,
    ) {}
}
