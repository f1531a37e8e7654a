<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** One thing of a line while it is read: how much, of what, to how much water. */
final class Clause
{
    public ?Much $much = null;

    /** @var list<array{Much, int, int}> the same amount in another unit, and what to leave out of the line where it is not meant */
    public array $also = [];

    /** @var list<Token> ingredients, stocks, or water */
    public array $things = [];

    /** What the bottle holds. */
    public ?Much $strength = null;

    /** How much water it is for. */
    public ?Tail $tail = null;

    /** Whether the amount is meant of each of the things. */
    public bool $each = false;

    /** Whether it is the whole spray and not its water. */
    public bool $finished = false;

    public function isEmpty(): bool
    {
        return $this->much === null && $this->things === [];
    }

    public function isWhole(): bool
    {
        return $this->much !== null && $this->things !== [];
    }

    public function isWater(): bool
    {
        return $this->things !== [] && $this->things[0]->kind === TokenKind::Water && count($this->things) === 1;
    }

    /** “neem 2 tbsp soap 1 tsp”: the name stands before its amount. */
    public function namesCameFirst(): bool
    {
        return $this->much !== null && $this->things !== [] && $this->things[0]->from < $this->much->from;
    }

    /**
     * “1 cup each of water and alcohol” are two clauses.
     *
     * @return non-empty-list<self>
     */
    public function ofEach(): array
    {
        if (! $this->each || count($this->things) < 2) {
            return [$this];
        }

        return array_map(function (Token $thing): self {
            $one = clone $this;
            $one->things = [$thing];

            return $one;
        }, $this->things);
    }

    /** Whether several things may share the one amount. */
    public function takesMore(): bool
    {
        return $this->each || $this->much?->kind === MuchKind::Ratio;
    }
}
