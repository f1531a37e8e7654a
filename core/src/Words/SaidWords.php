<?php

declare(strict_types=1);

namespace IdleMixer\Core\Words;

/** What people say for an amount without a plain number, from `core/words/en/reading/amounts.php`: lists of words, and patterns. */
final readonly class SaidWords
{
    /** @param array<array-key, mixed> $all */
    private function __construct(private array $all) {}

    public static function shipped(): self
    {
        return new self(Say::words('reading/amounts'));
    }

    /** @throws MissingWords when there is no such list */
    public function has(string $list, string $said): bool
    {
        $words = $this->all[$list] ?? null;

        return is_array($words) ? in_array($said, $words, true) : throw MissingWords::becauseOf("reading/amounts/{$list}");
    }

    /** @throws MissingWords when there is no such pattern */
    public function matches(string $pattern, string $said): bool
    {
        return preg_match($this->pattern($pattern), $said) === 1;
    }

    /** @throws MissingWords when there is no such pattern */
    public function without(string $pattern, string $said): string
    {
        return (string) preg_replace($this->pattern($pattern), '', $said);
    }

    private function pattern(string $name): string
    {
        $pattern = $this->all[$name] ?? null;

        return is_string($pattern) ? $pattern : throw MissingWords::becauseOf("reading/amounts/{$name}");
    }
}
