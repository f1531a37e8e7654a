<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

use DateTimeImmutable;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Chance;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Counted;
use IdleMixer\Core\Evidence\LeafCounts;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Evidence\Trial;

/** Where a pest sits in clumps on leaves, is counted leaf by leaf, and sprayed every ten days. */
final class Plot
{
    private const EVENING = '2026-06-01T19:00:00Z';

    /** @var list<LeafCounts> */
    private array $looks = [];

    /**
     * @param float $perLeaf  that sit on a leaf before a round, in the middle; the fewest, where infestations differ by more
     * @param float $k        of the negative binomial: small is clumped
     * @param int   $leaves   that are counted
     * @param float $byItself natural logarithm of what is left by itself from count to count
     * @param float $wander   how much that differs from round to round
     * @param float $fair     hours from a round to the look that judges it
     * @param float $upTo     how many fold the heaviest infestation is the lightest; 1 where all are about as in the middle
     * @param int   $seen     looks that were made there before
     */
    public function __construct(
        private readonly Chance $chance,
        private readonly float $perLeaf = 6.0,
        private readonly float $k = 1.0,
        private readonly int $leaves = 10,
        private readonly float $byItself = 0.0,
        private readonly float $wander = 0.0,
        private readonly float $fair = 24.0,
        private readonly float $upTo = 1.0,
        int $seen = 0,
    ) {
        for ($look = 0; $look < $seen; ++$look) {
            $this->looks[] = $this->leaves($this->infested() * ($look % 2 === 0 ? 1.0 : 0.25));
        }
    }

    /** As all counts there show it. */
    public function clumping(): Clumping
    {
        return Clumping::shownBy($this->looks);
    }

    /** @return array{Trial, float} a round, and percent down by it in truth */
    public function oneRound(TrueSpray $spray): array
    {
        $at = new DateTimeImmutable(self::EVENING);
        $left = exp($this->chance->normal($spray->log(), hypot($spray->between, $spray->within)));
        $mean = $this->infested();
        $counts = [$this->count($at->modify('-1 hours'), $mean, false), $this->count($at->modify('+25 hours'), $mean * $left, false)];

        return [(new CaseHistory([new Sprayed($at, $this->fair)], $counts))->trials()[0], 100.0 * (1.0 - $left)];
    }

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
            $mean = $this->infested();
            $alone = $this->infested();
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

    private function infested(): float
    {
        return $this->upTo > 1.0 ? $this->perLeaf * exp($this->chance->share() * log($this->upTo)) : $this->perLeaf * exp($this->chance->normal(0.0, 0.3));
    }

    private function count(DateTimeImmutable $at, float $mean, bool $untreated): Counted
    {
        $this->looks[] = $leaves = $this->leaves($mean);

        return new Counted($at, $leaves->on($this->leaves), $untreated, $leaves);
    }

    private function leaves(float $mean): LeafCounts
    {
        return LeafCounts::of(array_map(fn(int $i): float => (float) $this->chance->clumped($mean, $this->k), range(1, $this->leaves)));
    }
}
