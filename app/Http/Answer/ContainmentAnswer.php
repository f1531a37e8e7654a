<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One thing to do before any spray. */
final readonly class ContainmentAnswer
{
    public function __construct(
        public string $slug,
        public string $words,
        #[Shape(format: 'date-time')]
        public string $dueAt,
        public bool $done,
    ) {}
}
