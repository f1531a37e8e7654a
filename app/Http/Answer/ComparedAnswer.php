<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Writing\WrittenVerdict;

/** Two recipes side by side, in words. */
final readonly class ComparedAnswer
{
    /**
     * @param list<ComparedSideAnswer> $recipes
     * @param list<ComparedIngredientAnswer> $ingredients
     * @param list<ComparedStrengthAnswer> $strengths
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public string $make,
        public array $recipes,
        public array $ingredients,
        public array $strengths,
        public array $verdicts,
    ) {}
}
