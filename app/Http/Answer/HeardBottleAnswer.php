<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What is understood of the words on a bottle, or what is asked about them. */
final readonly class HeardBottleAnswer
{
    /** @param list<AnswerLineAnswer> $answers */
    public function __construct(
        /** Slug; null where it is asked or refused. */
        public ?string $ingredient,
        public string $name,
        public ?float $strength,
        /** What was taken for granted, what is asked, or why not. */
        public string $says,
        public array $answers,
    ) {}
}
