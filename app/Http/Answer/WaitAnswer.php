<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Nobody sprays until somebody has looked again. */
final readonly class WaitAnswer
{
    public function __construct(
        public int $id,
        #[Shape(format: 'uuid')]
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        #[Shape(format: 'date-time')]
        public string $until,
        public string $words,
    ) {}
}
