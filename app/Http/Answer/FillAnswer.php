<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One fill that a plan can be measured with, and what it is called. */
final readonly class FillAnswer
{
    public function __construct(
        public int|float $amount,
        public string $unit,
        public string $name,
        public string $words,
    ) {}
}
