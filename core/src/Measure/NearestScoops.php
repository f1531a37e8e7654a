<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

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

    /** @var array<int, int> of the sum that is looked at */
    private array $counts = [];

    private int $visited = 0;

    /** @param list<float> $sizes mL, largest first, distinct */
    public function __construct(private readonly array $sizes, private readonly float $wanted) {}

    /** @return array<int, int> how often each size is filled */
    public function counts(): array
    {
        $this->counts = array_fill(0, count($this->sizes), 0);
        $this->search(0, 0.0);

        return $this->best;
    }

    /** Adds scoops of the size at an index, or of smaller ones, to what is in. */
    private function search(int $from, float $sum): void
    {
        $error = abs($sum - $this->wanted);
        if ($sum > 0.0 && $error < $this->bestError) {
            $this->best = $this->counts;
            $this->bestError = $error;
        }
        for ($i = $from, $sizes = count($this->sizes); $i < $sizes && $sum < $this->wanted && ++$this->visited <= self::BUDGET; ++$i) {
            for ($count = (int) ceil(($this->wanted - $sum) / $this->sizes[$i]); $count > 0; --$count) {
                $this->counts[$i] = $count;
                $this->search($i + 1, $sum + $count * $this->sizes[$i]);
            }
            $this->counts[$i] = 0;
        }
    }
}
