<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A sign that can be ticked. */
final readonly class SignAnswer
{
    public function __construct(
        public string $slug,
        #[Shape(words: ['creatures', 'traces', 'marks', 'plant', 'before'])]
        public string $group,
        public string $words,
        public string $drawing,
    ) {}
}
