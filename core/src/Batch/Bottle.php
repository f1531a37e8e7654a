<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Work\StandTest;

/** What is mixed, as far as it decides where it stands. Common practice, no source: what is mixed is sprayed before anything is mixed anew. */
final readonly class Bottle
{
    public function __construct(
        /** When the load in hand was mixed; null before the first is. */
        public ?DateTimeImmutable $madeAt,
        public ?DateTimeImmutable $discardAt,
        public bool $discarded,
        /** Nothing is left of it because all of it was sprayed. */
        public bool $usedUp,
        /** What the last glass showed since anything went in. */
        public StandTest $standTest,
        /** Whether it holds oil, so that a glass says whether it stays in. */
        public bool $wantsGlass = false,
        public int $loads = 1,
        /** How many of them are mixed. */
        public int $mixed = 0,
        /** Whether a spoon or a step of the load that is mixed next is done. */
        public bool $started = false,
        /** When any of it was sprayed last; null before that. */
        public ?DateTimeImmutable $sprayedAt = null,
        /** Whether a walk with it is not over. */
        public bool $underWay = false,
        /** How many loads ran empty on that walk. */
        public int $emptied = 0,
    ) {}

    public function state(DateTimeImmutable $now): BottleState
    {
        return match (true) {
            $this->usedUp || $this->discarded => BottleState::Gone,
            $this->hasNextLoad() && $this->started => BottleState::Mixing,
            $this->madeAt === null => BottleState::Planned,
            $this->underWay => BottleState::InTheSprayer,
            $this->isSprayed() && $this->hasNextLoad() => BottleState::Planned,
            $this->isPast($now) => BottleState::Gone,
            $this->isSprayed() => BottleState::Rest,
            $this->standTest->isUnsteady(), $this->wantsGlass && $this->standTest === StandTest::NotDone => BottleState::Mixed,
            default => BottleState::Standing,
        };
    }

    /** Null while any of it may be there and good. */
    public function end(DateTimeImmutable $now): ?BottleEnd
    {
        return match (true) {
            $this->usedUp => BottleEnd::Sprayed,
            $this->discarded => BottleEnd::PouredOff,
            $this->state($now) !== BottleState::Gone => null,
            $this->isSprayed() => BottleEnd::RestTooOld,
            default => BottleEnd::TooOld,
        };
    }

    /** The load that is mixed next, from 1; null where all are. */
    public function nextLoad(): ?int
    {
        return $this->hasNextLoad() ? $this->mixed + 1 : null;
    }

    /** Whether the walk waits for a load that is not mixed. */
    public function isWaitedFor(): bool
    {
        return $this->underWay && $this->hasNextLoad() && $this->emptied >= $this->mixed;
    }

    /**
     * Whether it waits to be sprayed on something: mixed since that was sprayed last, neither gone nor too old, and even where a glass of it was looked at.
     *
     * @param DateTimeImmutable|null $sprayed when what it was mixed for was sprayed last; null before the first round
     */
    public function waits(?DateTimeImmutable $sprayed, DateTimeImmutable $now): bool
    {
        return $this->madeAt !== null && ! $this->usedUp && ! $this->discarded && ! $this->isPast($now) && ! $this->standTest->isUnsteady() && ($sprayed === null || $this->madeAt > $sprayed);
    }

    private function hasNextLoad(): bool
    {
        return $this->mixed < $this->loads;
    }

    private function isSprayed(): bool
    {
        return $this->madeAt !== null && $this->sprayedAt >= $this->madeAt;
    }

    private function isPast(DateTimeImmutable $now): bool
    {
        return $this->discardAt !== null && $now > $this->discardAt;
    }
}
