<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What went with success or failure: rounds on one side of a fact against those on the other. No cause. */
final readonly class Association
{
    public function __construct(
        public Fact $fact,
        public int $worked,
        public int $of,
        public int $otherWorked,
        public int $otherOf,
        /** Share of rounds that worked with it less the share without, and between what that lies 19 times of 20. */
        public float $difference,
        public float $low,
        public float $high,
    ) {}

    /** Whether chance alone would hardly make it. */
    public function stands(): bool
    {
        return $this->low > 0.0 || $this->high < 0.0;
    }
}
