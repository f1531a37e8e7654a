<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Window;

/** One thing to do, by when. */
final readonly class Task
{
    /**
     * @param int             $ref   id of the run, batch, leaf test, case, course, trial or watched neighbour it is about; with the kind its identity
     * @param list<MovedDate> $moves what moved it from when it was planned
     */
    public function __construct(
        public TaskKind $kind,
        public int $ref,
        public string $about,
        public DateTimeImmutable $dueAt,
        /** What is counted, where it is a count. */
        public ?string $counted = null,
        public array $moves = [],
        private ?DateTimeImmutable $planned = null,
        /** The case on whose account a neighbour is looked over. */
        public ?int $case = null,
        /** Of a round, on its day; null where nobody told the weather. */
        public ?BestHours $best = null,
        /** @var list<Window> good and workable hours from when it is due, of a round; empty where none are known */
        public array $hours = [],
        /** Id of the plant that it is of; null where it is of none, or of many. */
        public ?int $plant = null,
    ) {}

    /** When it was planned, before anything moved it. */
    public function plannedAt(): DateTimeImmutable
    {
        return $this->planned ?? $this->dueAt;
    }

    /**
     * The same, in these hours.
     *
     * @param list<Window> $hours
     */
    public function in(?BestHours $best, array $hours = []): self
    {
        return new self($this->kind, $this->ref, $this->about, $this->dueAt, $this->counted, $this->moves, $this->planned, $this->case, $best, $hours, $this->plant);
    }

    /** The same at another time. */
    public function movedTo(DateTimeImmutable $at, MovedDate ...$why): self
    {
        return new self($this->kind, $this->ref, $this->about, $at, $this->counted, [...$this->moves, ...array_values($why)], $this->plannedAt(), $this->case, $this->best, $this->hours, $this->plant);
    }

    /** The same, of one plant. */
    public function onPlant(int $plant): self
    {
        return new self($this->kind, $this->ref, $this->about, $this->dueAt, $this->counted, $this->moves, $this->planned, $this->case, $this->best, $this->hours, $plant);
    }
}
