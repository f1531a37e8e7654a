<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What was understood of one typed line. */
final readonly class HeardAnswer
{
    /**
     * @param list<string> $assumed
     * @param list<AnswerLineAnswer> $answers
     */
    public function __construct(
        public string $kind,
        public string $text,
        public array $assumed,
        public array $answers,
    ) {}
}
