<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** Something that can be chosen, by code, in words. */
final readonly class ChoiceWordsAnswer
{
    public function __construct(
        public string $code,
        public string $words,
    ) {}
}
