<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;

/**
 * A few leaves of one healthy plant, wetted, waited for, looked at.
 *
 * Schools: 24 h, or 48 h, which most keep; 72 h where burn comes slowly (common practice, no source).
 */
final readonly class LeafTest
{
    /** @param list<LeafLook> $looks in any order */
    public function __construct(
        public DateTimeImmutable $appliedAt,
        public int $waitHours,
        public TestLeaves $leaves,
        public array $looks,
    ) {}

    public function dueAt(): DateTimeImmutable
    {
        return $this->appliedAt->modify("+{$this->waitHours} hours");
    }

    /** When it is looked at next: early for the first time, then when the wait is over; an early look that was missed stays due until then. */
    public function nextLookAt(DateTimeImmutable $now): DateTimeImmutable
    {
        $early = LeafLines::FIRST_LOOK['value'];

        return $this->looks === [] && $this->waitHours > $early && $now < $this->dueAt() ? $this->appliedAt->modify("+{$early} hours") : $this->dueAt();
    }

    /** The same test, as far as one strength goes. */
    public function at(float $rung): self
    {
        return new self($this->appliedAt, $this->waitHours, $this->leaves->at($rung), $this->looks);
    }

    /** When its last word was spoken: at the first mark, or at the first look after the wait that says something; null while it is open. */
    public function saidAt(): ?DateTimeImmutable
    {
        $looks = $this->inOrder();
        foreach ($looks as $look) {
            if ($this->mark($look) !== Reaction::Clean) {
                return $look->at;
            }
        }
        foreach ($looks as $look) {
            if ($look->at >= $this->dueAt() && ! $look->isDoubtful($this->leaves)) {
                return $look->at;
            }
        }

        return null;
    }

    /** What it says of the plant now; of a ladder, what its strengths say together. */
    public function outcome(DateTimeImmutable $now): LeafTestOutcome
    {
        $rungs = $this->leaves->rungs();
        if (count($rungs) < 2) {
            return $this->single($now);
        }
        $said = array_map(fn(float $rung): LeafTestOutcome => $this->at($rung)->single($now), $rungs);
        $marked = array_filter($said, static fn(LeafTestOutcome $one): bool => $one->isMarked());
        if ($marked === []) {
            return $said[0];
        }
        if ($this->strongestClean($now) !== null) {
            return LeafTestOutcome::GoWeaker;
        }
        $open = array_filter($said, static fn(LeafTestOutcome $one): bool => ! $one->isConcluded());

        return $open === [] ? $marked[array_key_last($marked)] : $open[array_key_last($open)];
    }

    /** The strongest of its strengths that stayed clean, none weaker being marked; null where there is none. */
    public function strongestClean(DateTimeImmutable $now): ?float
    {
        $best = null;
        foreach (array_reverse($this->leaves->rungs()) as $rung) {
            $said = $this->at($rung)->single($now);
            if ($said->isMarked()) {
                break;
            }
            $best = $said === LeafTestOutcome::GoAhead ? $rung : $best;
        }

        return $best;
    }

    /** How many sprayed leaves were seen clean at the end of the wait. */
    public function cleanLeaves(): int
    {
        $counted = 0;
        foreach ($this->inOrder() as $look) {
            $counted = $look->at >= $this->dueAt() ? $look->counted($this->leaves) : $counted;
        }

        return $counted;
    }

    /** Why it says nothing, where it does not: the leaves beside are hurt, or too few are left. */
    public function silence(): ?Silence
    {
        $last = null;
        foreach ($this->inOrder() as $look) {
            $last = $look->at >= $this->dueAt() || $look->besideIsHurt($this->leaves) ? $look : $last;
        }

        return match (true) {
            $last === null => null,
            $last->besideIsHurt($this->leaves) => Silence::BesideHurt,
            $last->counted($this->leaves) < LeafLines::FEWEST['value'] => Silence::TooFew,
            default => null,
        };
    }

    /** A mark counts whenever it is seen; a clean leaf counts only once the wait is over. */
    private function single(DateTimeImmutable $now): LeafTestOutcome
    {
        $worst = Reaction::Clean;
        $last = null;
        foreach ($this->inOrder() as $look) {
            $worst = Reaction::worst([$worst, $this->mark($look)]);
            $last = $look->at >= $this->dueAt() ? $look : $last;
        }

        return match (true) {
            $worst->severity() >= Reaction::Marked->severity() => LeafTestOutcome::Refuse,
            $worst === Reaction::Slight => LeafTestOutcome::Weaken,
            $this->silence() !== null => LeafTestOutcome::SaysNothing,
            $last !== null && $last->isDoubtful($this->leaves) => LeafTestOutcome::LookAgain,
            $last !== null => LeafTestOutcome::GoAhead,
            $now >= $this->dueAt() => LeafTestOutcome::LookNow,
            default => LeafTestOutcome::Waiting,
        };
    }

    /** What a look lays to the spray: nothing where the leaves beside are hurt as well. */
    private function mark(LeafLook $look): Reaction
    {
        return $look->besideIsHurt($this->leaves) ? Reaction::Clean : $look->worst($this->leaves);
    }

    /** @return list<LeafLook> */
    private function inOrder(): array
    {
        $looks = $this->looks;
        usort($looks, static fn(LeafLook $a, LeafLook $b): int => $a->at <=> $b->at);

        return $looks;
    }
}
