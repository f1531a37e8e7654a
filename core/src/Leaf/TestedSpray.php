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
     * @param array<string, float> $grades percent on the bottles that it came from, where they state one, by slug of the ingredient
     */
    public function __construct(public int $ref, public LeafTest $test, public ?Composition $spray, public bool $round = false, public string $bottle = '', public array $since = [], public array $grades = []) {}

    /**
     * @param Composition|null $spray of the full strength; null where nobody knows
     * @param list<SinceThen>  $since
     * @param array<string, float> $grades
     *
     * @return list<self> one for each strength of a ladder
     */
    public static function each(int $ref, LeafTest $test, ?Composition $spray, string $bottle = '', array $since = [], array $grades = []): array
    {
        return array_map(static fn(float $rung): self => new self($ref, $test->at($rung), $spray?->thinned($rung), bottle: $bottle, since: $since, grades: $grades), $test->leaves->rungs());
    }

    /**
     * Whether a clean one is no more than "two leaves once more".
     *
     * @param array<string, float> $grades percent on the bottles that are taken now, by slug of the ingredient
     */
    public function hasFaded(DateTimeImmutable $now, array $grades = []): bool
    {
        return $this->since($grades) !== [] || $this->test->appliedAt < $now->modify('-' . LeafLines::FADES['value'] . ' days');
    }

    /**
     * @param array<string, float> $grades
     *
     * @return list<SinceThen>
     */
    private function since(array $grades): array
    {
        $others = array_filter(array_intersect_key($grades, $this->grades), fn(float $percent, string $slug): bool => abs($percent - $this->grades[$slug]) > 1e-9, \ARRAY_FILTER_USE_BOTH);

        return [...$this->since, ...($others === [] ? [] : [SinceThen::OtherBottle])];
    }
}
