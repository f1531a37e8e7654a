<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Phrase\Question;
use IdleMixer\Core\Phrase\Refusal;
use IdleMixer\Core\Phrase\SpokenLine;

/** What was understood of the words on a bottle: what is in it, or what is asked about them, or why not. */
final readonly class HeardBottle
{
    private function __construct(
        public ?Ingredient $ingredient,
        /** Percent v/v, where the words say it. */
        public ?float $strength,
        /** What was taken for granted is said by the line. */
        public ?SpokenLine $line,
        public ?Question $question,
        public ?Refusal $refusal,
    ) {}

    public static function of(Ingredient $ingredient, SpokenLine $line): self
    {
        return new self($ingredient, $line->strength, $line, null, null);
    }

    public static function asking(Question $question): self
    {
        return new self(null, null, null, $question, null);
    }

    public static function refused(Refusal $refusal): self
    {
        return new self(null, null, null, null, $refusal);
    }
}
