<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** Hours in a row that are equally good. */
final readonly class WindowAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $from,
        #[Shape(format: 'date-time')]
        public string $to,
        #[Shape(words: ['good', 'workable'])]
        public string $verdict,
        /** When it becomes too dark to see what is sprayed, before it ends. */
        #[Shape(format: 'date-time')]
        public ?string $darkFrom,
        public string $because,
    ) {}
}
