<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Recipe\Recipe;

/** One piece of a line with the place where it stands, in bytes of the plain text. */
final readonly class Token
{
    /**
     * @param list<UnitMeaning> $meanings what a unit may be here; one when it is clear
     * @param list<UnitMeaning> $ofWater  what it means of water, where that is clear and of the rest it is not
     * @param list<Recipe>      $stocks   which stocks may be meant
     */
    private function __construct(
        public TokenKind $kind,
        public string $word,
        public int $from,
        public int $to,
        public float $low = 0.0,
        public ?float $high = null,
        public array $meanings = [],
        public array $ofWater = [],
        /** Whether a rate may be given by it: per litre, a gallon. */
        public bool $vessel = false,
        /** Slug of an ingredient, code of an amount by eye or of a size, reason of a refusal. */
        public string $code = '',
        /** Key of what is said when a loose word was taken for this. */
        public ?string $assumed = null,
        public array $stocks = [],
        /** What it was read as, where it was misspelt. */
        public ?string $readAs = null,
        public ?Question $question = null,
    ) {}

    public static function of(TokenKind $kind, string $word, int $from, int $to, string $code = '', ?string $assumed = null): self
    {
        return new self($kind, $word, $from, $to, code: $code, assumed: $assumed);
    }

    public static function number(string $word, int $from, int $to, float $low, ?float $high = null): self
    {
        return new self(TokenKind::Number, $word, $from, $to, $low, $high);
    }

    /** So many parts to so many. */
    public static function ratio(string $word, int $from, int $to, float $of, float $water): self
    {
        return new self(TokenKind::Ratio, $word, $from, $to, $of, $water);
    }

    /**
     * @param list<UnitMeaning> $meanings
     * @param list<UnitMeaning> $ofWater
     */
    public static function unit(string $word, int $from, int $to, array $meanings, array $ofWater, bool $vessel): self
    {
        return new self(TokenKind::Unit, $word, $from, $to, meanings: $meanings, ofWater: $ofWater, vessel: $vessel);
    }

    /** @param list<Recipe> $stocks */
    public static function stock(string $word, int $from, int $to, array $stocks): self
    {
        return new self(TokenKind::Stock, $word, $from, $to, stocks: $stocks);
    }

    public static function asked(Question $question, int $from, int $to): self
    {
        return new self(TokenKind::Asked, $question->word, $from, $to, question: $question);
    }

    /** The same, in the place of a word that was misspelt. */
    public function insteadOf(string $word, int $from, int $to): self
    {
        return new self($this->kind, $word, $from, $to, $this->low, $this->high, $this->meanings, $this->ofWater, $this->vessel, $this->code, $this->assumed, $this->stocks, $this->word, $this->question);
    }

    public function is(TokenKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }

    /** “oil (neem)”: the loose word is said more nearly. */
    public function refines(self $first): bool
    {
        return $first->kind === TokenKind::Ingredient && $this->kind === TokenKind::Ingredient
            && ($first->assumed !== null || $this->assumed !== null || $first->code === $this->code);
    }

    /** What something can be measured of. */
    public function isThing(): bool
    {
        return $this->is(TokenKind::Ingredient, TokenKind::Stock, TokenKind::Water);
    }

    /** It is understood, and reading goes on without it. */
    public function weighsNothing(): bool
    {
        return $this->is(TokenKind::Quality, TokenKind::Filler);
    }

    /** What an amount can begin with. */
    public function beginsAmount(): bool
    {
        return $this->is(TokenKind::Number, TokenKind::Unit, TokenKind::ByEye, TokenKind::Ratio, TokenKind::Equal, TokenKind::Size);
    }
}
