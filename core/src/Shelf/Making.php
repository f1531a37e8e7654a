<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

use IdleMixer\Core\Choice\Option;
use IdleMixer\Core\Cupboard\AsStocked;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;

/** A spray that can be made now: how much, by which spoons, and what ends it. */
final readonly class Making
{
    public function __construct(
        public AsStocked $stocked,
        public Plan $plan,
        /** Slug of what runs out first; null where it is enough for a fill. */
        public ?string $limitedBy,
        /** What goes into it costs so much by what its bottles cost; null where nobody said of one of them. */
        public ?float $cost,
        /** Why it is chosen; null where no trouble was named. */
        public ?Option $option,
    ) {}

    /** mL of finished spray. */
    public function millilitres(): float
    {
        return $this->plan->bench->make->millilitres();
    }

    /** Whether the bench minds anything but that it was not tested yet. */
    public function isMinded(): bool
    {
        return array_filter($this->plan->verdicts, static fn(Verdict $one): bool => $one->level !== Level::Ok && ! $one->finding->isWantOfProof()) !== [];
    }

    /** What the gate says of it, or what the spoons make of it where that is worse. */
    public function level(): Level
    {
        $worst = array_filter($this->plan->verdicts, static fn(Verdict $one): bool => $one->level === Level::Stop);

        return $worst === [] ? $this->plan->gate->level() : Level::Stop;
    }
}
