<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Writing\WrittenVerdict;

/** A line in every other way of saying it. */
final readonly class SumsAnswer
{
    /**
     * @param list<AnswerLineAnswer> $answers
     * @param list<string> $assumed
     * @param list<WayAnswer> $ways
     * @param list<WrittenVerdict> $verdicts
     * @param list<string> $strength
     */
    public function __construct(
        #[Shape(words: ['line', 'asked', 'refused'])]
        public string $kind,
        public string $text,
        public array $answers,
        public array $assumed,
        public array $ways,
        public array $verdicts,
        public array $strength,
    ) {}
}
