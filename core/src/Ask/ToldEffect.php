<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Trial;

/** What is judged as one of a case of a document: a round, or a programme of rounds. */
final readonly class ToldEffect
{
    /** @param non-empty-list<int> $rounds places in the case */
    public function __construct(public ToldCase $case, private array $rounds, public Trial $trial) {}

    /** @return non-empty-list<ToldRound> */
    public function rounds(): array
    {
        return array_map(fn(int $i): ToldRound => $this->case->rounds[$i], $this->rounds);
    }

    /** The same word for the same pest and the same sprays. */
    public function about(): string
    {
        return "{$this->case->pest}\n" . implode(' + ', array_unique(array_map(static fn(ToldRound $round): string => $round->sprayed->spray, $this->rounds())));
    }

    public function effect(): RoundEffect
    {
        return RoundEffect::of($this->case->id, $this->trial, array_filter($this->rounds(), static fn(ToldRound $round): bool => $round->handWork) !== []);
    }
}
