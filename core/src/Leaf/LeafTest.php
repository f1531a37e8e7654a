<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;

/**
 * A few leaves of one healthy plant, wetted, waited for, looked at.
 *
 * Schools: 24 h, or 48 h, which most keep (common practice, no source).
 */
final readonly class LeafTest
{
    /** @param list<LeafLook> $readings in any order */
    public function __construct(
        public DateTimeImmutable $appliedAt,
        public int $waitHours,
        public array $readings,
    ) {}

    public function dueAt(): DateTimeImmutable
    {
        return $this->appliedAt->modify("+{$this->waitHours} hours");
    }

    /** When its last word was spoken: at the first mark, or at the first look after the wait; null while it is open. */
    public function saidAt(): ?DateTimeImmutable
    {
        $marks = array_filter($this->readings, static fn(LeafLook $look): bool => $look->worst !== Reaction::Clean);
        $inTime = array_filter($this->readings, fn(LeafLook $look): bool => $look->at >= $this->dueAt());
        $said = array_map(static fn(LeafLook $look): DateTimeImmutable => $look->at, $marks === [] ? $inTime : $marks);

        return $said === [] ? null : min($said);
    }

    /** A mark counts whenever it is seen; a clean leaf counts only once the wait is over. */
    public function outcome(DateTimeImmutable $now): LeafTestOutcome
    {
        $worst = 0;
        $readInTime = false;
        foreach ($this->readings as $reading) {
            $worst = max($worst, $reading->worst->severity());
            $readInTime = $readInTime || $reading->at >= $this->dueAt();
        }

        return match (true) {
            $worst >= Reaction::Marked->severity() => LeafTestOutcome::Refuse,
            $worst === Reaction::Slight->severity() => LeafTestOutcome::Weaken,
            $readInTime => LeafTestOutcome::GoAhead,
            $now >= $this->dueAt() => LeafTestOutcome::LookNow,
            default => LeafTestOutcome::Waiting,
        };
    }
}
