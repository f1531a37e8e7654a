<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A plant on a course. */
final readonly class CoursePlantAnswer
{
    public function __construct(
        /** Under which a walk names it. */
        public int $caseId,
        public RefAnswer $plant,
        public string $place,
        /** Whether it is on it no more. */
        public bool $left,
        /** Why, in words. */
        public string $conclusion,
    ) {}
}
