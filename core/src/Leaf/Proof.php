<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Mix\Composition;

/**
 * What a kind of plant is proven to bear: by what its leaf tests say of a composition. A clean test speaks for up to 1.2 times what was
 * tested, line by line, and fades. A marked test stands until a later clean one of the same spray reaches that far; a burn after a round
 * stands until a later test of something weaker is clean, which frees what it reaches. A clean test stands until a later one of the same
 * spray, at that strength or below, is marked. Of all that stands the worst counts. Where nobody knows what is in a bottle only tests of
 * that bottle speak. Common practice, no source.
 */
final readonly class Proof
{
    private const SAME = LeafLines::SAME_STRENGTH['value'];

    /** How far above itself a clean test reaches, as a share; a hair more for the arithmetic. */
    private const REACH = LeafLines::REACHES['value'] - 1.0 + 1e-9;

    /**
     * @param list<TestedSpray> $tests  of one plant and those of its kind, each strength of a ladder by itself, and what burnt after a round; in any order
     * @param list<Composition> $rounds what was sprayed on them and left no mark
     */
    public function __construct(private array $tests, private array $rounds = []) {}

    /**
     * @param Composition|null $spray  null where nobody knows what is in it
     * @param string           $bottle that it stands in; empty where it is only planned
     * @param array<string, float> $grades percent on the bottles that it comes from, where they state one, by slug of the ingredient
     */
    public function of(?Composition $spray, DateTimeImmutable $now, string $bottle = '', array $grades = []): ProofFinding
    {
        return $spray === null ? $this->ofBottle($bottle, $now) : $this->ofSpray($spray, $now, $grades);
    }

    /** @param array<string, float> $grades */
    private function ofSpray(Composition $spray, DateTimeImmutable $now, array $grades): ProofFinding
    {
        $alike = array_values(array_filter($this->tests, static fn(TestedSpray $one): bool => $one->spray?->hasSameIngredients($spray) === true));
        usort($alike, static fn(TestedSpray $a, TestedSpray $b): int => [$a->test->saidAt() ?? $now, $a->ref] <=> [$b->test->saidAt() ?? $now, $b->ref]);
        [$marked, $clean] = self::standing($alike, $now);

        $worst = null;
        foreach ($marked as $one) {
            if (self::reaches($spray, $one) && ! self::isFreed($one, $spray, $clean) && ($worst === null || ! $worst->test->outcome($now)->level()->isWorseThan($one->test->outcome($now)->level()))) {
                $worst = $one;
            }
        }
        $proven = array_filter($clean, static fn(TestedSpray $one): bool => self::isAtMost($spray, $one, self::REACH));
        $fresh = array_filter($proven, static fn(TestedSpray $one): bool => ! $one->hasFaded($now, $grades));

        return match (true) {
            $worst !== null => new ProofFinding(ProofOutcome::from($worst->test->outcome($now)->value), $worst),
            $fresh !== [] => new ProofFinding(ProofOutcome::GoAhead, $fresh[array_key_last($fresh)], self::leaves($fresh), $this->cleanRounds($spray)),
            default => self::open($alike, $clean, $proven, $spray, $now),
        };
    }

    /** Of a bottle of which nobody knows what is in it. */
    private function ofBottle(string $bottle, DateTimeImmutable $now): ProofFinding
    {
        $finding = new ProofFinding(ProofOutcome::None, null);
        foreach ($this->tests as $one) {
            $outcome = $one->test->outcome($now);
            if ($bottle === '' || $one->bottle !== $bottle || $one->round) {
                continue;
            }
            if ($outcome->isMarked()) {
                return new ProofFinding(ProofOutcome::from($outcome === LeafTestOutcome::GoWeaker ? LeafTestOutcome::Weaken->value : $outcome->value), $one);
            }
            if ($outcome === LeafTestOutcome::GoAhead && ! $one->hasFaded($now)) {
                $finding = new ProofFinding(ProofOutcome::ThisBottle, $one, $one->test->cleanLeaves());
            } elseif ($finding->by === null && ! $outcome->isConcluded()) {
                $finding = new ProofFinding(ProofOutcome::from($outcome->value), $one);
            }
        }

        return $finding;
    }

    /** Whether the spray may be as strong as what was on those leaves, in anything. */
    private static function reaches(Composition $spray, TestedSpray $one): bool
    {
        return $one->spray !== null && $spray->reaches($one->spray, self::SAME);
    }

    private static function isAtMost(Composition $spray, TestedSpray $one, float $slack): bool
    {
        return $one->spray !== null && $spray->isAtMost($one->spray, $slack);
    }

    /**
     * What burnt a whole plant is freed by a later clean test of something weaker, as far as that reaches.
     *
     * @param list<TestedSpray> $clean
     */
    private static function isFreed(TestedSpray $mark, Composition $spray, array $clean): bool
    {
        foreach ($mark->round ? $clean : [] as $proof) {
            if ($proof->spray !== null && ! self::reaches($proof->spray, $mark) && $proof->test->appliedAt > $mark->test->saidAt() && self::isAtMost($spray, $proof, self::REACH)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<int, TestedSpray> $proven */
    private static function leaves(array $proven): int
    {
        return array_sum(array_map(static fn(TestedSpray $one): int => $one->test->cleanLeaves(), $proven));
    }

    private function cleanRounds(Composition $spray): int
    {
        return count(array_filter($this->rounds, static fn(Composition $round): bool => $spray->isAtMost($round, self::SAME)));
    }

    /**
     * @param list<TestedSpray> $alike earliest said first
     *
     * @return array{list<TestedSpray>, list<TestedSpray>} marked, clean
     */
    private static function standing(array $alike, DateTimeImmutable $now): array
    {
        $marked = [];
        $clean = [];
        foreach ($alike as $one) {
            $outcome = $one->test->outcome($now);
            if ($outcome->isMarked()) {
                $marked[] = $one;
            } elseif ($outcome === LeafTestOutcome::GoAhead) {
                // Better is only what was begun once the mark was known: two tests side by side say what the worse of them says.
                $marked = array_values(array_filter($marked, static fn(TestedSpray $mark): bool => $mark->round || $mark->spray === null || ! self::isAtMost($mark->spray, $one, self::SAME) || $mark->test->saidAt() > $one->test->appliedAt));
                $clean[] = $one;
            }
        }
        $clean = array_values(array_filter($clean, static fn(TestedSpray $proof): bool => array_filter($marked, static fn(TestedSpray $mark): bool => $mark->spray !== null && self::isAtMost($mark->spray, $proof, self::SAME)) === []));

        return [$marked, $clean];
    }

    /**
     * Nothing concluded speaks of this strength: a test that still waits, one that has faded, or one of something weaker.
     *
     * @param list<TestedSpray>       $alike
     * @param list<TestedSpray>       $clean
     * @param array<int, TestedSpray> $faded
     */
    private static function open(array $alike, array $clean, array $faded, Composition $spray, DateTimeImmutable $now): ProofFinding
    {
        foreach (array_reverse($alike) as $one) {
            $outcome = $one->test->outcome($now);
            if (! $outcome->isConcluded() && self::isAtMost($spray, $one, self::REACH)) {
                return new ProofFinding(ProofOutcome::from($outcome->value), $one);
            }
        }

        return match (true) {
            $faded !== [] => new ProofFinding(ProofOutcome::Faded, $faded[array_key_last($faded)]),
            $clean === [] => new ProofFinding(ProofOutcome::None, null),
            default => new ProofFinding(ProofOutcome::Stronger, $clean[count($clean) - 1]),
        };
    }
}
