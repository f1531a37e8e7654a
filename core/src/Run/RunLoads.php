<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

/** The loads of a walk. Common practice, no source: what is mixed is sprayed, then the next is mixed. */
final readonly class RunLoads
{
    /** @param non-empty-list<string> $volumes of each, in words */
    public function __construct(
        public array $volumes,
        /** How many stood mixed when the walk began: more than one stands in a bucket, from which the sprayer is filled. */
        public int $standing,
        /** How many are mixed by now. */
        public int $mixed,
    ) {}

    public function count(): int
    {
        return count($this->volumes);
    }

    /** Whether it is mixed on the walk, which fills the sprayer; else it is filled from what stands mixed. */
    public function isMixedOnTheWay(int $load): bool
    {
        return $load > $this->standing;
    }

    public function isMixed(int $load): bool
    {
        return $load <= $this->mixed;
    }
}
