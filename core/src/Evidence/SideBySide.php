<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * Two sprays side by side, leaf by leaf or plant by plant: how many times as much one leaves as the other. Each leaf is compared
 * with itself before, as a logarithm; the two groups by the t test of Welch (1947), Biometrika 34:28-35.
 */
final readonly class SideBySide
{
    private function __construct(
        /** Leaves or plants of each that were counted before and after. */
        public int $one,
        public int $other,
        /** Percent fewer where the first spray was than where the second was, and between what the truth lies 19 times of 20. */
        public float $percent,
        public float $low,
        public float $high,
        /** Whether it is clear enough to stop at, by the share of the error that one of several looks may spend. */
        public bool $clear,
        /** Whether the first is the better one, as far as anything is said. */
        public bool $oneBetter,
    ) {}

    /**
     * @param list<bool>       $lots   whether each got the first spray
     * @param list<float|null> $before on each; null where it was not counted
     * @param list<float|null> $after  on each; null where it was not counted, or is lost
     *
     * @return self|null null where fewer than two of either were counted twice
     */
    public static function of(array $lots, array $before, array $after): ?self
    {
        $groups = [[], []];
        foreach ($lots as $i => $first) {
            if (($before[$i] ?? null) !== null && ($after[$i] ?? null) !== null) {
                $groups[$first ? 0 : 1][] = log($after[$i] + EvidenceLines::HALF['value']) - log($before[$i] + EvidenceLines::HALF['value']);
            }
        }
        if (min(count($groups[0]), count($groups[1])) < 2) {
            return null;
        }
        [$mean, $square] = self::meanAndSquare($groups[0]);
        [$otherMean, $otherSquare] = self::meanAndSquare($groups[1]);
        $difference = $mean - $otherMean;
        $spread = $square + $otherSquare;
        $freedom = $spread > 0.0 ? max(1.0, $spread ** 2 / ($square ** 2 / (count($groups[0]) - 1) + $otherSquare ** 2 / (count($groups[1]) - 1))) : 1.0;
        $half = Student::nineteenOfTwenty($freedom) * sqrt($spread);
        $wide = Student::passedBy(EvidenceLines::TRIAL_ALPHA['value'], $freedom) * sqrt($spread);

        return new self(count($groups[0]), count($groups[1]), Kept::percent($difference), Kept::percent($difference + $half), Kept::percent($difference - $half), abs($difference) > $wide, $difference < 0.0);
    }

    /**
     * @param list<float> $all two and more
     *
     * @return array{float, float} the mean, and the square of its error
     */
    private static function meanAndSquare(array $all): array
    {
        $count = max(1, count($all));
        $mean = array_sum($all) / $count;
        $square = array_sum(array_map(static fn(float $one): float => ($one - $mean) ** 2, $all));

        return [$mean, $square / max(1, $count - 1) / $count];
    }
}
