<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

use DateTimeImmutable;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\LeafCounts;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Sprayed;

/** Where a pest sits in clumps on leaves, is counted leaf by leaf, and sprayed every ten days. */
final readonly class Plot
{
    private const EVENING = '2026-06-01T19:00:00Z';

    /**
     * @param float $perLeaf  that sit on a leaf before a round, in the middle
     * @param float $k        of the negative binomial: small is clumped
     * @param int   $leaves   that are counted
     * @param float $byItself natural logarithm of what is left by itself from count to count
     * @param float $wander   how much that differs from round to round
     * @param float $fair     hours from a round to the look that judges it
     */
    public function __construct(private Chance $chance, private float $perLeaf = 6.0, private float $k = 1.0, private int $leaves = 10, private float $byItself = 0.0, private float $wander = 0.0, private float $fair = 24.0) {}

    /**
     * One case with so many rounds of one spray.
     *
     * @return list<RoundEffect>
     */
    public function sprayed(string $case, TrueSpray $spray, int $rounds, bool $compared): array
    {
        $start = new DateTimeImmutable(self::EVENING);
        $here = $this->chance->normal($spray->log(), $spray->between);
        $sprayed = [];
        $counts = [];
        for ($round = 0; $round < $rounds; ++$round) {
            $at = $start->modify('+' . 240 * $round . ' hours');
            $sprayed[] = new Sprayed($at, $this->fair);
            $mean = $this->perLeaf * exp($this->chance->normal(0.0, 0.3));
            $alone = $this->perLeaf * exp($this->chance->normal(0.0, 0.3));
            $course = $this->chance->normal($this->byItself, $this->wander);
            $left = exp($this->chance->normal($here, $spray->within) + $course);
            $counts[] = $this->count($at->modify('-1 hours'), $mean, false);
            $counts[] = $this->count($at->modify(sprintf('+%d hours', (int) $this->fair + 1)), $mean * $left, false);
            if ($compared) {
                $counts[] = $this->count($at->modify('-1 hours'), $alone, true);
                $counts[] = $this->count($at->modify(sprintf('+%d hours', (int) $this->fair + 1)), $alone * exp($course), true);
            }
        }

        return array_map(fn($trial): RoundEffect => RoundEffect::of($case, $trial, burnt: $this->chance->share() < $spray->burns), (new CaseHistory($sprayed, $counts))->trials());
    }

    private function count(DateTimeImmutable $at, float $mean, bool $untreated): Counted
    {
        $leaves = LeafCounts::of(array_map(fn(int $i): float => (float) $this->chance->clumped($mean, $this->k), range(1, $this->leaves)));

        return new Counted($at, $leaves->on($this->leaves), $untreated, $leaves->logVariance());
    }
}
