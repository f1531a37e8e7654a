<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** One answer to a question about a typed line. */
final readonly class AnswerLineAnswer
{
    public function __construct(
        public string $words,
        public string $line,
    ) {}
}
