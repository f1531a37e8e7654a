<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A batch in short, for lists. */
readonly class BatchBriefAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        public BatchRecipeAnswer $recipe,
        public BottleAnswer $bottle,
        public string $makeWords,
        public ?RefAnswer $plant,
        public ?RefAnswer $case,
        public string $standTest,
        public string $standTestWords,
        #[Shape(format: 'date-time')]
        public string $startedAt,
        #[Shape(format: 'date-time')]
        public ?string $madeAt,
        #[Shape(format: 'date-time')]
        public ?string $discardAt,
        #[Shape(format: 'date-time')]
        public ?string $discardedAt,
    ) {}
}
