<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Mix\Composition;

/** A leaf test with what was on the leaves. */
final readonly class TestedSpray
{
    /**
     * @param int      $ref   number of the test in its notebook, or of the case whose round burnt
     * @param LeafTest $test  as far as one strength goes
     * @param bool     $round whether it is a burn after a round
     */
    public function __construct(public int $ref, public LeafTest $test, public Composition $spray, public bool $round = false) {}

    /**
     * @param Composition $spray of the full strength
     *
     * @return list<self> one for each strength of a ladder
     */
    public static function each(int $ref, LeafTest $test, Composition $spray): array
    {
        return array_map(static fn(float $rung): self => new self($ref, $test->at($rung), $spray->thinned($rung)), $test->leaves->rungs());
    }
}
