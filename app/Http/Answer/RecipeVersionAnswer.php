<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One version of a recipe that was kept. */
final readonly class RecipeVersionAnswer
{
    public function __construct(
        public string $madeAt,
        public RecipeAnswer $recipe,
    ) {}
}
