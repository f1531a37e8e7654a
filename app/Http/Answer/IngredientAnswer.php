<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** An ingredient that the product knows. */
final readonly class IngredientAnswer
{
    public function __construct(
        public string $slug,
        public string $name,
        /** What people call it besides; empty where its name is what everybody says. */
        public string $also,
        public string $substance,
        /** Whether it is weighed. */
        public bool $powder,
        /** Whether its bottle states a strength. */
        public bool $hasStrength,
    ) {}
}
