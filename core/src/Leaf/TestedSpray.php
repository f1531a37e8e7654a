<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Mix\Composition;

/** A leaf test with what was on the leaves. */
final readonly class TestedSpray
{
    /** @param int $ref number of the test in its notebook */
    public function __construct(public int $ref, public LeafTest $test, public Composition $spray) {}
}
