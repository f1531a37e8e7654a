<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;

/** One side of a trial: the plants on it, and when each had its spray for the first time. What is left alone is sprayed with nothing. */
final readonly class TrialSide
{
    /**
     * @param list<int>                     $plants on it now
     * @param array<int, DateTimeImmutable> $first  the first round of each that had one, by plant; of those that left it, too
     */
    public function __construct(public bool $alone, public array $plants, private array $first) {}

    /** When the first of them was sprayed; null where none was, or where they are left alone. */
    public function begun(): ?DateTimeImmutable
    {
        return $this->alone || $this->first === [] ? null : min($this->first);
    }

    /** When the last of them was sprayed for the first time; null as long as one is not, and where they are left alone. */
    public function sprayed(): ?DateTimeImmutable
    {
        return $this->alone || $this->first === [] || $this->left() > 0 ? null : max($this->first);
    }

    /** Plants that still wait for their first round. */
    public function left(): int
    {
        return $this->alone ? 0 : count(array_diff($this->plants, array_keys($this->first)));
    }

    /** Whether nothing is to be sprayed on it any more for the trial to go on. */
    public function isReady(): bool
    {
        return $this->alone || $this->sprayed() !== null;
    }
}
