<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One ingredient in both. */
final readonly class ComparedIngredientAnswer
{
    public function __construct(
        public string $name,
        public string $first,
        public string $second,
        public float $firstMl,
        public float $secondMl,
    ) {}
}
