<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One strength of both. */
final readonly class ComparedStrengthAnswer
{
    public function __construct(
        public string $what,
        public float $first,
        public float $second,
        public string $name,
        public string $firstWords,
        public string $secondWords,
    ) {}
}
