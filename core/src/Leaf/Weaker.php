<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;

/** The weaker strength that a marked test leads to: the clean rung of its ladder, or half of what marked, which is to be tested. */
final readonly class Weaker
{
    /**
     * @param float $factor by the batch
     * @param bool  $proven whether its leaves stayed clean already
     */
    private function __construct(public float $factor, public bool $proven) {}

    /** @return self|null null where nothing marked, or nothing is decided yet */
    public static function of(LeafTest $test, DateTimeImmutable $now): ?self
    {
        $outcome = $test->outcome($now);
        $clean = $test->strongestClean($now);
        if ($outcome === LeafTestOutcome::GoWeaker && $clean !== null) {
            return new self($clean, true);
        }
        $rungs = $test->leaves->rungs();

        return $outcome->isMarked() && $rungs !== [] ? new self($rungs[count($rungs) - 1] * LeafLines::LADDER['value'][1], false) : null;
    }
}
