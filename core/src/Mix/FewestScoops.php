<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

/**
 * Branch and bound for the fewest scoops whose sum lies in a window.
 *
 * The search for fewer always runs to its end; only the search for fewer kinds and a nearer sum among equally few is
 * cut short, so that sixty odd spoons cannot make the bench wait.
 */
final class FewestScoops
{
    private const TIE_BUDGET = 4000;

    /** @var array<int, int>|null */
    private ?array $best = null;

    private int $bestCount = \PHP_INT_MAX;

    private int $bestKinds = \PHP_INT_MAX;

    private float $bestError = \INF;

    private int $visited = 0;

    /**
     * @param list<float> $sizes mL, largest first, distinct
     * @param float       $low   mL, above 0
     * @param float       $high  mL, at least `$low`
     */
    public function __construct(
        private readonly array $sizes,
        private readonly float $wanted,
        private readonly float $low,
        private readonly float $high,
    ) {}

    /** @return array<int, int>|null how often each size is filled, or null when no sum lies in the window */
    public function counts(): ?array
    {
        $this->search(0, array_fill(0, count($this->sizes), 0), 0, 0.0);

        return $this->best;
    }

    /** @param array<int, int> $counts */
    private function search(int $index, array $counts, int $used, float $sum): void
    {
        ++$this->visited;
        if ($sum >= $this->low) {
            $this->keepIfBetter($counts, $used, $sum);
        }
        if ($index === count($this->sizes) || $sum >= $this->high) {
            return;
        }
        $size = $this->sizes[$index];
        $most = (int) floor(($this->high - $sum) / $size);
        for ($count = $most; $count >= 0; --$count) {
            $next = $sum + $count * $size;
            if (! $this->canImprove($index + 1, $used + $count, $next)) {
                if ($next < $this->low) {
                    break;
                }

                continue;
            }
            $counts[$index] = $count;
            $this->search($index + 1, $counts, $used + $count, $next);
        }
    }

    private function canImprove(int $index, int $used, float $sum): bool
    {
        $missing = $this->low - $sum;
        if ($missing > 0.0) {
            if ($index === count($this->sizes)) {
                return false;
            }
            $used += (int) ceil($missing / $this->sizes[$index] - 1e-12);
        }

        return $used < $this->bestCount || ($used === $this->bestCount && $this->visited < self::TIE_BUDGET);
    }

    /** @param array<int, int> $counts */
    private function keepIfBetter(array $counts, int $used, float $sum): void
    {
        if ($used > $this->bestCount) {
            return;
        }
        $error = abs($sum - $this->wanted);
        $kinds = count(array_filter($counts, static fn(int $count): bool => $count > 0));
        if ([$used, $kinds, $error] < [$this->bestCount, $this->bestKinds, $this->bestError]) {
            $this->best = $counts;
            $this->bestCount = $used;
            $this->bestKinds = $kinds;
            $this->bestError = $error;
        }
    }
}
