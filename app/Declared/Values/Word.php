<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;

/** One of a list of words. */
final readonly class Word implements Value
{
    /**
     * @param list<string> $words
     * @param string       $what  they are, for whoever writes another
     * @param bool         $open  whether the list grows with what is known of the field, so that no document freezes it
     */
    public function __construct(private array $words, private string $what, private bool $open = false) {}

    /** @param class-string<\BackedEnum> $enum */
    public static function of(string $enum, string $what): self
    {
        return new self(array_map(static fn(\BackedEnum $one): string => (string) $one->value, $enum::cases()), $what);
    }

    public function read(Node $node): string
    {
        return $node->word($this->words, $this->what);
    }

    public function told(bool|float|int|string $kept): string
    {
        return (string) $kept;
    }

    public function cast(): null
    {
        return null;
    }

    public function schema(): array
    {
        return $this->open ? ['type' => 'string'] : ['enum' => $this->words];
    }
}
