<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Evidence\Interval;

/** What is proven of one spray, and the test that says so. */
final readonly class ProofFinding
{
    /**
     * @param TestedSpray|null $by     null where nobody tested these ingredients
     * @param int              $leaves that stayed clean, over all tests that prove it
     * @param int              $rounds that left no mark
     */
    public function __construct(public ProofOutcome $outcome, public ?TestedSpray $by, public int $leaves = 0, public int $rounds = 0) {}

    /** Whether clean leaves speak for it now. */
    public function isProven(): bool
    {
        return $this->outcome === ProofOutcome::GoAhead || $this->outcome === ProofOutcome::ThisBottle;
    }

    /**
     * Share of leaves, 0 to 1, that may still burn when none of those seen did: the exact bound at 95 %. A clean round counts as
     * one more leaf, though it wetted many: nobody looked at each (our own caution). 1 where nothing is proven.
     */
    public function mayStillBurn(): float
    {
        $seen = $this->leaves + $this->rounds;

        return $seen > 0 ? Interval::noneOf($seen)->high : 1.0;
    }
}
