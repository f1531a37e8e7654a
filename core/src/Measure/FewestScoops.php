<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

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

    private int $bestDrops = \PHP_INT_MAX;

    /** @var array<int, int> of the sum that is looked at */
    private array $counts = [];

    /** How often equally few were looked at again. */
    private int $ties = 0;

    /**
     * @param list<float> $sizes mL, largest first, distinct
     * @param float       $low   mL, above 0
     * @param float       $high  mL, at least `$low`
     * @param int|null    $drop  index of the drop among the sizes: of equally few, those without one are taken
     */
    public function __construct(
        private readonly array $sizes,
        private readonly float $wanted,
        private readonly float $low,
        private readonly float $high,
        private readonly ?int $drop = null,
    ) {}

    /** @return array<int, int>|null how often each size is filled, or null when no sum lies in the window */
    public function counts(): ?array
    {
        $this->counts = array_fill(0, count($this->sizes), 0);
        $this->search(0, 0, 0.0);

        return $this->best;
    }

    /** Adds scoops of the size at an index, or of smaller ones, to what is in; the larger ones are settled. */
    private function search(int $from, int $used, float $sum): void
    {
        // Smaller sizes take more scoops: once one cannot improve, none after it can.
        for ($i = $from, $sizes = count($this->sizes); $i < $sizes && $this->canImprove($i, $used, $sum); ++$i) {
            for ($count = (int) floor(($this->high - $sum) / $this->sizes[$i]); $count > 0; --$count) {
                $next = $sum + $count * $this->sizes[$i];
                $this->counts[$i] = $count;
                if ($next >= $this->low) {
                    $this->keepIfBetter($used + $count, $next);
                } elseif ($this->canImprove($i + 1, $used + $count, $next)) {
                    $this->search($i + 1, $used + $count, $next);
                } else {
                    // A scoop less here takes one more of the smaller at least.
                    break;
                }
            }
            $this->counts[$i] = 0;
        }
    }

    private function canImprove(int $index, int $used, float $sum): bool
    {
        if ($index === count($this->sizes)) {
            return false;
        }
        $used += (int) ceil(($this->low - $sum) / $this->sizes[$index] - 1e-12);

        return $used < $this->bestCount || ($used === $this->bestCount && ++$this->ties < self::TIE_BUDGET);
    }

    private function keepIfBetter(int $used, float $sum): void
    {
        if ($used > $this->bestCount) {
            return;
        }
        $error = abs($sum - $this->wanted);
        $kinds = count($this->counts) - count(array_keys($this->counts, 0, true));
        $drops = $this->drop === null ? 0 : $this->counts[$this->drop];
        if ([$used, $drops, $kinds, $error] < [$this->bestCount, $this->bestDrops, $this->bestKinds, $this->bestError]) {
            $this->best = $this->counts;
            $this->bestCount = $used;
            $this->bestDrops = $drops;
            $this->bestKinds = $kinds;
            $this->bestError = $error;
        }
    }
}
