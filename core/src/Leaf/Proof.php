<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;
use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Mix\Composition;

/**
 * What a kind of plant is proven to bear: by what its leaf tests say of a composition up to the tested strength, whatever
 * batch it was in. A marked test stands until a later clean one of the same spray, at that strength or above, is read to
 * its end; a clean one stands until a later one of the same spray, at that strength or below, is marked. Of all that stands
 * the worst counts.
 */
final readonly class Proof
{
    /**
     * @param list<TestedSpray> $tests  of one plant and those of its kind, each strength of a ladder by itself, and what burnt after a round; in any order
     * @param list<Composition> $rounds what was sprayed on them and left no mark
     */
    public function __construct(private array $tests, private array $rounds = []) {}

    public function of(Composition $spray, DateTimeImmutable $now): ProofFinding
    {
        $alike = array_values(array_filter($this->tests, static fn(TestedSpray $one): bool => $one->spray->hasSameIngredients($spray)));
        usort($alike, static fn(TestedSpray $a, TestedSpray $b): int => [$a->test->saidAt() ?? $now, $a->ref] <=> [$b->test->saidAt() ?? $now, $b->ref]);
        [$marked, $clean] = self::standing($alike, $now);

        $worst = null;
        foreach ($marked as $one) {
            if ($spray->reaches($one->spray, LeafLines::SAME_STRENGTH['value']) && ($worst === null || ! $worst->test->outcome($now)->level()->isWorseThan($one->test->outcome($now)->level()))) {
                $worst = $one;
            }
        }
        $proven = array_filter($clean, static fn(TestedSpray $one): bool => $spray->isAtMost($one->spray, LeafLines::SAME_STRENGTH['value']));

        return match (true) {
            $worst !== null => new ProofFinding(ProofOutcome::from($worst->test->outcome($now)->value), $worst),
            $proven !== [] => new ProofFinding(ProofOutcome::GoAhead, $proven[array_key_last($proven)], self::leaves($proven), $this->cleanRounds($spray)),
            default => self::open($alike, $clean, $spray, $now),
        };
    }

    /** @param array<int, TestedSpray> $proven */
    private static function leaves(array $proven): int
    {
        return array_sum(array_map(static fn(TestedSpray $one): int => $one->test->cleanLeaves(), $proven));
    }

    private function cleanRounds(Composition $spray): int
    {
        return count(array_filter($this->rounds, static fn(Composition $round): bool => $spray->isAtMost($round, LeafLines::SAME_STRENGTH['value'])));
    }

    /**
     * @param list<TestedSpray> $alike earliest said first
     *
     * @return array{list<TestedSpray>, list<TestedSpray>} marked, clean
     */
    private static function standing(array $alike, DateTimeImmutable $now): array
    {
        $slack = LeafLines::SAME_STRENGTH['value'];
        $marked = [];
        $clean = [];
        foreach ($alike as $one) {
            $outcome = $one->test->outcome($now);
            if ($outcome->isMarked()) {
                $marked[] = $one;
            } elseif ($outcome === LeafTestOutcome::GoAhead) {
                // Better is only what was begun once the mark was known: two tests side by side say what the worse of them says.
                $marked = array_values(array_filter($marked, static fn(TestedSpray $mark): bool => ! $mark->spray->isAtMost($one->spray, $slack) || $mark->test->saidAt() > $one->test->appliedAt));
                $clean[] = $one;
            }
        }
        $clean = array_values(array_filter($clean, static fn(TestedSpray $proof): bool => array_filter($marked, static fn(TestedSpray $mark): bool => $mark->spray->isAtMost($proof->spray, $slack)) === []));

        return [$marked, $clean];
    }

    /**
     * Nothing concluded speaks of this strength: a test that still waits, or one of something weaker.
     *
     * @param list<TestedSpray> $alike
     * @param list<TestedSpray> $clean
     */
    private static function open(array $alike, array $clean, Composition $spray, DateTimeImmutable $now): ProofFinding
    {
        foreach (array_reverse($alike) as $one) {
            $outcome = $one->test->outcome($now);
            if (! $outcome->isConcluded() && $spray->isAtMost($one->spray, LeafLines::SAME_STRENGTH['value'])) {
                return new ProofFinding(ProofOutcome::from($outcome->value), $one);
            }
        }

        return $clean === [] ? new ProofFinding(ProofOutcome::None, null) : new ProofFinding(ProofOutcome::Stronger, $clean[count($clean) - 1]);
    }
}
