<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A course of many plants in short, for lists. */
final readonly class CourseBriefAnswer
{
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public string $name,
        /** Plants that are on it. */
        public int $plants,
        /** What is feared, in words; empty where nothing by name. */
        public string $pestName,
        /** Whether they stand apart, and nothing is sprayed on them. */
        public bool $apart,
        #[Shape(format: 'date-time')]
        public ?string $endedAt,
    ) {}
}
