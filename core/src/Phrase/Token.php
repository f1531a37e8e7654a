<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** One understood piece of a line. */
final readonly class Token
{
    private function __construct(
        public TokenKind $kind,
        public float $low = 0.0,
        public ?float $high = null,
        public ?UnitMeaning $unit = null,
        /** Whether a rate may be given by it: per litre, a gallon. */
        public bool $vessel = false,
        /** Slug of an ingredient, or code of an amount by eye. */
        public string $code = '',
        /** Key of what is said when a loose word was taken for this. */
        public ?string $assumed = null,
    ) {}

    public static function of(TokenKind $kind): self
    {
        return new self($kind);
    }

    public static function number(float $low, ?float $high = null): self
    {
        return new self(TokenKind::Number, $low, $high);
    }

    public static function unit(UnitMeaning $unit, bool $vessel): self
    {
        return new self(TokenKind::Unit, unit: $unit, vessel: $vessel);
    }

    public static function ingredient(string $slug, ?string $assumed): self
    {
        return new self(TokenKind::Ingredient, code: $slug, assumed: $assumed);
    }

    public static function byEye(string $code): self
    {
        return new self(TokenKind::ByEye, code: $code);
    }
}
