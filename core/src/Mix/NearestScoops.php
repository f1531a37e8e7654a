<?php

declare(strict_types=1);

namespace IdleMixer\Core\Mix;

/**
 * The sum nearest to a wanted amount, of at least one scoop, for when no sum lies within tolerance.
 *
 * Every size that is a tenth of the wanted amount or less would hit the window, so here each size is larger
 * and the search is small.
 */
final class NearestScoops
{
    private const BUDGET = 200_000;

    /** @var array<int, int> */
    private array $best = [];

    private float $bestError = \INF;

    private int $visited = 0;

    /** @param list<float> $sizes mL, largest first, distinct */
    public function __construct(private readonly array $sizes, private readonly float $wanted) {}

    /** @return array<int, int> how often each size is filled */
    public function counts(): array
    {
        $this->search(0, array_fill(0, count($this->sizes), 0), 0.0);

        return $this->best;
    }

    /** @param array<int, int> $counts */
    private function search(int $index, array $counts, float $sum): void
    {
        $error = abs($sum - $this->wanted);
        if ($sum > 0.0 && $error < $this->bestError) {
            $this->best = $counts;
            $this->bestError = $error;
        }
        if ($index === count($this->sizes) || $sum >= $this->wanted || ++$this->visited > self::BUDGET) {
            return;
        }
        $size = $this->sizes[$index];
        for ($count = (int) ceil(($this->wanted - $sum) / $size); $count >= 0; --$count) {
            $counts[$index] = $count;
            $this->search($index + 1, $counts, $sum + $count * $size);
        }
    }
}
