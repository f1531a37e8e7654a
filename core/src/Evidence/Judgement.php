<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What is judged as one: a round, or a programme of rounds that come closer than the fair look. */
final readonly class Judgement
{
    /** @param non-empty-list<int> $rounds their places in the order in which they were sprayed, from 0 */
    public function __construct(public array $rounds, public Trial $trial, public bool $oneSpray) {}

    public function isProgramme(): bool
    {
        return count($this->rounds) > 1;
    }
}
