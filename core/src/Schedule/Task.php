<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** One thing to do, by when. */
final readonly class Task
{
    /**
     * @param int             $ref   id of the run, batch, leaf test, case, course or watched neighbour it is about; with the kind its identity
     * @param list<MovedDate> $moves what moved it from when it was planned
     */
    public function __construct(
        public TaskKind $kind,
        public int $ref,
        public string $about,
        public DateTimeImmutable $dueAt,
        /** What is counted, where it is a count. */
        public ?string $counted = null,
        /** The batch that was sprayed last, where it is a round after the first. */
        public ?int $again = null,
        public array $moves = [],
        private ?DateTimeImmutable $planned = null,
        /** The case on whose account a neighbour is looked over. */
        public ?int $case = null,
    ) {}

    /** When it was planned, before anything moved it. */
    public function plannedAt(): DateTimeImmutable
    {
        return $this->planned ?? $this->dueAt;
    }

    /** The same, and what was sprayed last is not made again. */
    public function withoutAgain(): self
    {
        return new self($this->kind, $this->ref, $this->about, $this->dueAt, $this->counted, null, $this->moves, $this->planned, $this->case);
    }

    /** The same at another time. */
    public function movedTo(DateTimeImmutable $at, MovedDate ...$why): self
    {
        return new self($this->kind, $this->ref, $this->about, $at, $this->counted, $this->again, [...$this->moves, ...array_values($why)], $this->plannedAt(), $this->case);
    }
}
