<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One change of a record, and what it was before. */
final readonly class ChangeAnswer
{
    /**
     * @param list<WasAnswer> $was
     */
    public function __construct(
        #[Shape(words: ['corrected', 'taken-back', 'put-back', 'reopened'])]
        public string $what,
        #[Shape(format: 'date-time')]
        public string $at,
        public array $was,
        /** Who wrote it down; empty where the device said nobody. */
        public string $who,
    ) {}
}
