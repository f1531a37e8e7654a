<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;

/** One look at the leaves of a test: what the leaves beside them show is taken off those that were sprayed. */
final readonly class LeafLook
{
    /** @param list<SeenLeaf> $leaves */
    public function __construct(public DateTimeImmutable $at, public array $leaves) {}

    /** What water, sun and chance alone did, in percent of a leaf: the worse of the leaves beside; 0 where there was none. */
    public function beside(TestLeaves $test): float
    {
        $worst = 0.0;
        foreach ($this->seen($test, LeafRole::Untouched, LeafRole::Water) as $leaf) {
            $worst = max($worst, $leaf->share);
        }

        return $worst;
    }

    /** Whether the leaves beside are hurt, so that nothing can be laid to the spray. */
    public function besideIsHurt(TestLeaves $test): bool
    {
        $grave = array_filter($this->seen($test, LeafRole::Untouched, LeafRole::Water), static fn(SeenLeaf $leaf): bool => $leaf->isGrave());

        return $grave !== [] || $this->beside($test) > LeafLines::BESIDE_HURT['value'];
    }

    public function worst(TestLeaves $test): Reaction
    {
        return Reaction::worst(array_map(fn(SeenLeaf $leaf): Reaction => $this->reaction($leaf, $test), $this->seen($test, LeafRole::Sprayed)));
    }

    /** The sprayed leaf that is hurt most, with what the leaves beside show taken off; percent, 0 where none was seen. */
    public function most(TestLeaves $test): float
    {
        $most = 0.0;
        foreach ($this->seen($test, LeafRole::Sprayed) as $leaf) {
            $most = max($most, $leaf->share - $this->beside($test));
        }

        return $most;
    }

    /** Whether a leaf could be clean and could be marked, for all that was measured. */
    public function isDoubtful(TestLeaves $test): bool
    {
        $beside = $this->beside($test);
        foreach ($this->seen($test, LeafRole::Sprayed) as $leaf) {
            if ($leaf->low - $beside <= LeafLines::CLEAN['value'] && $leaf->high - $beside > LeafLines::SLIGHT['value']) {
                return true;
            }
        }

        return false;
    }

    /** How many sprayed leaves were seen, without those that were lost. */
    public function counted(TestLeaves $test): int
    {
        return count($this->seen($test, LeafRole::Sprayed));
    }

    private function reaction(SeenLeaf $leaf, TestLeaves $test): Reaction
    {
        $net = $leaf->share - $this->beside($test);

        return match (true) {
            $net >= LeafLines::DEAD['value'] || in_array(InjuryKind::Drop, $leaf->kinds, true) => Reaction::Dead,
            $net > LeafLines::SLIGHT['value'] || $leaf->isGrave() => Reaction::Marked,
            $net > LeafLines::CLEAN['value'] => Reaction::Slight,
            default => Reaction::Clean,
        };
    }

    /** @return list<SeenLeaf> */
    private function seen(TestLeaves $test, LeafRole ...$roles): array
    {
        $numbers = [];
        foreach ($roles as $role) {
            array_push($numbers, ...$test->numbers($role));
        }

        return array_values(array_filter($this->leaves, static fn(SeenLeaf $leaf): bool => ! $leaf->lost && in_array($leaf->number, $numbers, true)));
    }
}
