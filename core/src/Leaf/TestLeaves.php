<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** The leaves of a test: so many at each strength, and beside them one with water and one untouched. */
final readonly class TestLeaves
{
    /** @param list<TestLeaf> $all */
    private function __construct(public array $all) {}

    /**
     * @param int         $each     leaves at each strength
     * @param list<float> $rungs    strengths by the batch, 1 the full one
     * @param bool        $controls whether one leaf got water and one nothing
     */
    public static function of(int $each, array $rungs, bool $controls): self
    {
        rsort($rungs);
        $all = [];
        foreach ($rungs as $rung) {
            for ($i = 0; $i < $each; ++$i) {
                $all[] = new TestLeaf(count($all) + 1, LeafRole::Sprayed, $rung);
            }
        }
        foreach ($controls ? [LeafRole::Water, LeafRole::Untouched] : [] as $role) {
            $all[] = new TestLeaf(count($all) + 1, $role, 0.0);
        }

        return new self($all);
    }

    /** @return list<float> strongest first */
    public function rungs(): array
    {
        $rungs = [];
        foreach ($this->all as $leaf) {
            if ($leaf->role === LeafRole::Sprayed && ! in_array($leaf->rung, $rungs, true)) {
                $rungs[] = $leaf->rung;
            }
        }

        return $rungs;
    }

    /** Those of one strength, with the leaves beside them. */
    public function at(float $rung): self
    {
        return new self(array_values(array_filter($this->all, static fn(TestLeaf $leaf): bool => $leaf->role !== LeafRole::Sprayed || $leaf->rung === $rung)));
    }

    /** @return list<int> numbers of the leaves with this role */
    public function numbers(LeafRole $role): array
    {
        return array_values(array_map(static fn(TestLeaf $leaf): int => $leaf->number, array_filter($this->all, static fn(TestLeaf $leaf): bool => $leaf->role === $role)));
    }
}
