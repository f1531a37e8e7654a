<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** A word, number or sign of a line, with its place in bytes. */
final readonly class RawWord
{
    public function __construct(public string $text, public int $offset) {}

    public function isNumber(): bool
    {
        return preg_match('/\A[\d.,]*\d\z/', $this->text) === 1;
    }

    public function isLetters(): bool
    {
        return preg_match('/\A\p{L}/u', $this->text) === 1;
    }

    public function end(): int
    {
        return $this->offset + strlen($this->text);
    }
}
