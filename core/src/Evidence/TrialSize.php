<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/** How many leaves a trial needs: trials of each size are simulated, with clumped counts, until enough of them tell the two apart. */
final readonly class TrialSize
{
    /** The k of what changes on one leaf from look to look. */
    private const STEADY = EvidenceLines::STEADY['value'];

    private function __construct(
        /** Leaves or plants of both together. */
        public int $units,
        /** Share of the trials of that size that tell. */
        public float $power,
    ) {}

    /**
     * @param float $one   natural logarithm of the share that the first is thought to leave
     * @param float $other and the second
     */
    public static function between(float $one, float $other, Chance $chance): self
    {
        $gap = self::gap($one, $other);
        $better = min($one, $other);
        $told = [];
        foreach (EvidenceLines::TRIAL_SIZES['value'] as $units) {
            $told[$units] = self::power($units, $better, $better + $gap, $chance);
            if ($told[$units] >= EvidenceLines::TRIAL_POWER['value']) {
                break;
            }
        }
        $units = array_key_last($told);

        return new self($units, $told[$units]);
    }

    /** What it is sized for: never less than is worth a trial. */
    public static function gap(float $one, float $other): float
    {
        return max(abs($one - $other), log(EvidenceLines::WORTH_A_TRIAL['value']));
    }

    private static function power(int $units, float $one, float $other, Chance $chance): float
    {
        $lots = Lots::draw($units, $units);
        $told = 0;
        for ($trial = 0; $trial < EvidenceLines::TRIALS_SIMULATED['value']; ++$trial) {
            $before = [];
            $after = [];
            foreach ($lots as $first) {
                // What sits on a leaf scatters much more from leaf to leaf than from look to look on the same leaf.
                $here = EvidenceLines::PER_LEAF['value'] * exp($chance->normal(0.0, 1.0));
                $before[] = (float) $chance->clumped($here, self::STEADY);
                $after[] = (float) $chance->clumped($here * exp($first ? $one : $other), self::STEADY);
            }
            $told += (int) (SideBySide::of($lots, $before, $after)->clear ?? false);
        }

        return $told / EvidenceLines::TRIALS_SIMULATED['value'];
    }
}
