<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A stock as a recipe has it: what its lines add up to. */
final readonly class StockAnswer
{
    /** @param array<string, mixed> $document */
    public function __construct(
        public string $slug,
        public string $name,
        public float $mL,
        public string $words,
        #[Shape(ref: 'RecipeDocument')]
        public array $document,
    ) {}
}
