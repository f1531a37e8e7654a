<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use DateTimeImmutable;

/** One thing to do on a day of a course, and why on that day; the sentence is put together elsewhere. */
final readonly class Act
{
    /** @param array<string, int|float|string> $args */
    public function __construct(
        /** Days after the start. */
        public int $day,
        public ActKind $kind,
        /** Slug of the spray it belongs to. */
        public ?string $recipe,
        public string $because,
        public array $args = [],
        /** The last day on which it still is in time. */
        public ?int $until = null,
        public bool $done = false,
        /** Of its best hours, where the weather is told. */
        public ?DateTimeImmutable $from = null,
        public ?DateTimeImmutable $to = null,
    ) {}

    /** The same on another day, and why. */
    public function movedTo(int $day, string $because): self
    {
        return new self($day, $this->kind, $this->recipe, $because, [...$this->args, 'day' => $day], null, $this->done);
    }

    public function within(DateTimeImmutable $from, DateTimeImmutable $to): self
    {
        return new self($this->day, $this->kind, $this->recipe, $this->because, $this->args, $this->until, $this->done, $from, $to);
    }
}
