<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** One marked leaf of a test. */
final readonly class TestLeaf
{
    /**
     * @param int   $number from 1, as on its mark
     * @param float $rung   strength by the batch: 1 full, 0.5 half; 0 where nothing was sprayed
     */
    public function __construct(public int $number, public LeafRole $role, public float $rung) {}
}
