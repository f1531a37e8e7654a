<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Work\StandTest;

/** A batch as it stands when somebody wants to spray it. */
final readonly class BatchState
{
    public function __construct(
        /** Null while it is still being mixed. */
        public ?DateTimeImmutable $madeAt,
        public ?DateTimeImmutable $discardAt,
        public bool $discarded,
        public StandTest $standTest,
        /** Nothing is left of it because all of it was sprayed. */
        public bool $usedUp = false,
    ) {}

    /**
     * Whether it waits to be sprayed: mixed since it was sprayed last, neither gone nor too old, and even where a glass of it was looked at.
     * What is mixed is sprayed before anything is mixed anew: common practice, no source.
     *
     * @param DateTimeImmutable|null $sprayed when what it was mixed for was sprayed last; null before the first round
     */
    public function waits(?DateTimeImmutable $sprayed, DateTimeImmutable $now): bool
    {
        return $this->status($now) === BatchStatus::Ready && ! $this->standTest->isUnsteady() && ($sprayed === null || $this->madeAt > $sprayed);
    }

    public function status(DateTimeImmutable $now): BatchStatus
    {
        return match (true) {
            $this->usedUp => BatchStatus::UsedUp,
            $this->discarded => BatchStatus::Discarded,
            $this->madeAt === null => BatchStatus::Mixing,
            $this->discardAt !== null && $now > $this->discardAt => BatchStatus::Old,
            default => BatchStatus::Ready,
        };
    }
}
