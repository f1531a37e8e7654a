<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A typed rest that was not understood. */
final readonly class UnclearAnswer
{
    /**
     * @param list<AnswerLineAnswer> $answers
     */
    public function __construct(
        public int $line,
        public string $text,
        public array $answers,
    ) {}
}
