<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Something bought that went on all plants of a course; taken back by the first of its rounds, the others go with it. */
final readonly class CourseBoughtAnswer
{
    public function __construct(
        public int $id,
        /** Identity of the round in every notebook. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public string $name,
        #[Shape(format: 'date-time')]
        public string $sprayedAt,
        public int $plants,
    ) {}
}
