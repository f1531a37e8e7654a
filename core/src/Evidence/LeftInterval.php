<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/**
 * What one round may really have left, by the counts around it: the shares that these would not be unusual for, 19 times of 20.
 *
 * A total of so many leaves is nearly a gamma variable with the mean m and the shape 1 / (1/m + 1/(k leaves)): chance, and clumps. Two of them
 * over each other follow the distribution of Fisher and Snedecor. For each share that is tried, m is the likeliest one by both counts together
 * (negative binomial): a small total alone would take itself for more unsure than it is. Half is added to each count (Anscombe 1948, from memory).
 * How often it holds the truth in gardens of chance stands in docs/evidence.md.
 */
final readonly class LeftInterval
{
    /** A share that is e^12 times more or less than was counted is ruled out by anything. */
    private const FAR = 12.0;

    private const HALVINGS = 20;

    private function __construct(
        /** Percent down, at least; below 0 where it may have grown. */
        public float $low,
        /** Percent down, at most. */
        public float $high,
    ) {}

    /**
     * @param Counted|null $before          null where only the unsprayed plant can be compared with
     * @param Counted|null $untreatedBefore null where nothing was counted on it then
     * @param Counted|null $untreatedAfter  null where nothing was counted on it then
     */
    public static function of(?Counted $before, Counted $after, ?Counted $untreatedBefore, ?Counted $untreatedAfter, Clumping $clumping): self
    {
        $sides = new RatioOfCounts($before, $after, $untreatedBefore, $untreatedAfter, $clumping);
        $edge = static function (float $under) use ($sides): float {
            [$low, $high] = [$sides->log() - self::FAR, $sides->log() + self::FAR];
            for ($step = 0; $step < self::HALVINGS; ++$step) {
                $middle = ($low + $high) / 2.0;
                if ($sides->under(exp($middle)) > $under) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }

            return ($low + $high) / 2.0;
        };
        $tail = Interval::OUTSIDE / 2.0;

        return new self(Kept::percent($edge($tail)), Kept::percent($edge(1.0 - $tail)));
    }
}
