<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What became of one typed line: lines of a recipe, its water, a question, or a refusal. Always exactly one of them. */
final readonly class Heard
{
    /** @param list<SpokenLine> $lines */
    private function __construct(
        public array $lines,
        public ?SpokenBasis $basis,
        public ?Question $question,
        public ?Refusal $refusal,
    ) {}

    public static function lines(SpokenLine ...$lines): self
    {
        return new self(array_values($lines), null, null, null);
    }

    public static function basis(SpokenBasis $basis): self
    {
        return new self([], $basis, null, null);
    }

    public static function asking(Question $question): self
    {
        return new self([], null, $question, null);
    }

    public static function refused(Refusal $refusal): self
    {
        return new self([], null, null, $refusal);
    }
}
