<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What one thing of a recipe may be answered by. */
final readonly class AnotherBottleAnswer
{
    /**
     * @param array<string, mixed>|null $recipe   as it is with that bottle; null where nothing was said, or it cannot be made so
     * @param list<StandInAnswer>       $insteads the best first
     */
    public function __construct(
        public string $name,
        /** Percent v/v that the recipe takes its bottle to have; null where bottles state none. */
        public ?float $percent,
        #[Shape(ref: 'RecipeDocument')]
        public ?array $recipe,
        /** Why it cannot be made so; empty where it can, or nothing was said. */
        public string $cannot,
        /** What the shelf gains by it; null where nothing. */
        public ?KeptBottleAnswer $keep,
        public array $insteads,
        /** Why nothing may stand in for it; empty where something may. */
        public string $none,
    ) {}
}
