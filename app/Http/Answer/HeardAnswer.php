<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What was understood of one typed line. */
final readonly class HeardAnswer
{
    /**
     * @param list<string> $assumed
     * @param list<AnswerLineAnswer> $answers
     */
    public function __construct(
        #[Shape(words: ['empty', 'line', 'water', 'asked', 'refused', 'left-out'])]
        public string $kind,
        public string $text,
        public array $assumed,
        public array $answers,
    ) {}
}
