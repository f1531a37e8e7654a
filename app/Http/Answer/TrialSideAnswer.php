<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One side of a trial: what it is sprayed with, and how far that is. */
final readonly class TrialSideAnswer
{
    public function __construct(
        #[Shape(words: ['A', 'B'])]
        public string $letter,
        /** The course on which its rounds are recorded. */
        public RefAnswer $course,
        public string $name,
        /** Whether it is sprayed with nothing. */
        public bool $alone,
        /** Slug of what it is sprayed with; null where that was bought, or where it is nothing. */
        public ?string $recipe,
        /** The first of its plants: for whom it is mixed; null where none is left. */
        public ?int $plantId,
        public int $plants,
        /** Plants that still wait for their first round. */
        public int $left,
        /** Whether it is the one that comes next. */
        public bool $first,
        /** What is mixed for it and not sprayed yet. */
        public ?int $batchId,
        public ?BottleAnswer $bottle,
    ) {}
}
