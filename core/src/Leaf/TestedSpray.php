<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Mix\Composition;

/** A leaf test with what was on the leaves. */
final readonly class TestedSpray
{
    /**
     * @param int              $ref   number of the test in its notebook, or of the case whose round burnt
     * @param LeafTest         $test  as far as one strength goes
     * @param Composition|null $spray null where nobody knows what was in the bottle
     * @param bool             $round whether it is a burn after a round
     * @param string           $bottle that it came out of; empty where nobody said
     * @param list<SinceThen>  $since what makes it speak less surely
     */
    public function __construct(public int $ref, public LeafTest $test, public ?Composition $spray, public bool $round = false, public string $bottle = '', public array $since = []) {}

    /**
     * @param Composition|null $spray of the full strength; null where nobody knows
     * @param list<SinceThen>  $since
     *
     * @return list<self> one for each strength of a ladder
     */
    public static function each(int $ref, LeafTest $test, ?Composition $spray, string $bottle = '', array $since = []): array
    {
        return array_map(static fn(float $rung): self => new self($ref, $test->at($rung), $spray?->thinned($rung), bottle: $bottle, since: $since), $test->leaves->rungs());
    }

    /** Whether a clean one is no more than "two leaves once more". */
    public function hasFaded(DateTimeImmutable $now): bool
    {
        return $this->since !== [] || $this->test->appliedAt < $now->modify('-' . LeafLines::FADES['value'] . ' days');
    }
}
