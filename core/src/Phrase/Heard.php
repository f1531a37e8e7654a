<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/**
 * What became of one typed line: lines of a recipe and the water for them, a question, a refusal, or nothing because there is no
 * amount in it. Always exactly one of them; a line may hold things and their water at once.
 */
final readonly class Heard
{
    /** @param list<SpokenLine> $lines */
    private function __construct(
        public array $lines,
        public ?SpokenBasis $basis,
        public ?Question $question,
        public ?Refusal $refusal,
        /** Why nothing was looked for in it; what is left out hinders nothing. */
        public ?Refusal $leftOut,
    ) {}

    /** @param list<SpokenLine> $lines */
    public static function things(array $lines, ?SpokenBasis $basis = null): self
    {
        return new self($lines, $basis, null, null, null);
    }

    public static function asking(Question $question): self
    {
        return new self([], null, $question, null, null);
    }

    public static function refused(Refusal $refusal): self
    {
        return new self([], null, null, $refusal, null);
    }

    public static function leftOut(Refusal $why): self
    {
        return new self([], null, null, null, $why);
    }

    /** What two sentences of one line come to. */
    public function and(self $next): self
    {
        return match (true) {
            $this->isUnclear(), $next->leftOut !== null => $this,
            $next->isUnclear(), $this->leftOut !== null => $next,
            $this->basis !== null && $next->basis !== null => self::refused(new Refusal(LineFinding::TwoWaters)),
            default => self::things([...$this->lines, ...$next->lines], $this->basis ?? $next->basis),
        };
    }

    /** Whether it says how much water there is, or tells it with a thing. */
    public function saysWater(): bool
    {
        return $this->basis !== null || array_filter($this->lines, static fn(SpokenLine $one): bool => $one->per !== null || $one->waterParts !== null) !== [];
    }

    public function isUnclear(): bool
    {
        return $this->question !== null || $this->refusal !== null;
    }
}
