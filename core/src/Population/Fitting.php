<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Data\PopulationLines;
use IdleMixer\Core\Evidence\Clumping;

/**
 * Finds what was not known of an outbreak from what was counted: the likeliest on the scale of logarithms, where a count scatters by chance
 * and clumps, and each guess is thought to be off by as much as our lines say (least squares with what is known beforehand; Gauss and Newton).
 */
final readonly class Fitting
{
    /** How far each guess is moved to see what hangs on it. */
    private const NUDGE = 0.05;

    private const STEPS = 3;

    /** No step is longer: far from the answer nothing is straight. */
    private const LONGEST = 1.0;

    /** @param int $leaves that a count is over */
    public function __construct(private Clumping $clumping, private int $leaves) {}

    /** @param non-empty-list<CountOn> $counts earliest first, the first of them on day 0 */
    public function of(Outbreak $outbreak, array $counts): Fitted
    {
        $last = max(array_map(static fn(CountOn $count): int => $count->day, $counts));
        $guess = new Guess(log($counts[0]->value + EvidenceLines::HALF['value']));
        $inverse = [];
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$inverse, $move] = $this->step($outbreak, $guess, $counts, $last);
            $guess = $guess->moved($move);
        }

        return new Fitted($guess, $inverse);
    }

    /** @return non-empty-list<Guess> as it is thought, and with speed, births and kill moved a little, each by itself */
    public static function nudged(Guess $guess): array
    {
        return [$guess, $guess->moved([0.0, self::NUDGE, 0.0, 0.0]), $guess->moved([0.0, 0.0, self::NUDGE, 0.0]), $guess->moved([0.0, 0.0, 0.0, self::NUDGE])];
    }

    /**
     * Slopes of the natural logarithm of what is counted, by start, speed, births and kill.
     *
     * @param list<list<Evening>> $runs    by guess, as they are moved
     * @param bool                $sprayed whether of what is there after its rounds, or before
     *
     * @return list<list<float>> by day
     */
    public static function slopes(array $runs, bool $sprayed): array
    {
        $slopes = [];
        foreach ($runs[0] as $day => $_) {
            $logs = array_map(static fn(array $run): float => log(($sprayed ? $run[$day]->seen() : $run[$day]->counted) + \PHP_FLOAT_MIN), $runs);
            $slopes[] = [1.0, ...array_map(static fn(float $log): float => ($log - $logs[0]) / self::NUDGE, array_slice($logs, 1))];
        }

        return $slopes;
    }

    /** Variance of the natural logarithm of a count, half added, where so many are expected. */
    public function scatter(float $expected): float
    {
        return 1.0 / ($expected + EvidenceLines::HALF['value']) + 1.0 / ($this->clumping->k * $this->leaves) + PopulationLines::MODEL_MISSES['value'] ** 2;
    }

    /**
     * @param non-empty-list<CountOn> $counts
     *
     * @return array{list<list<float>>, array{float, float, float, float}} covariance, and how far to move
     */
    private function step(Outbreak $outbreak, Guess $guess, array $counts, int $last): array
    {
        $runs = $outbreak->goEach(self::nudged($guess), $last);
        [$evenings, $slopes] = [$runs[0], self::slopes($runs, false)];
        $half = EvidenceLines::HALF['value'];
        $known = [PopulationLines::START_OFF['value'], PopulationLines::SPEED_OFF['value'], PopulationLines::BIRTHS_OFF['value'], PopulationLines::KILL_OFF['value']];
        $matrix = array_map(static fn(int $i): array => array_map(static fn(int $k): float => $i === $k ? 1.0 / $known[$i] ** 2 : 0.0, range(0, 3)), range(0, 3));
        $thought = [0.0, $guess->speed, $guess->births, $guess->kill];
        $right = array_map(static fn(int $i): float => -$thought[$i] / $known[$i] ** 2, range(0, 3));
        foreach ($counts as $count) {
            $expected = $evenings[$count->day]->counted;
            $weight = 1.0 / $this->scatter($expected);
            // Half is added to counts, so the logarithm of few moves less.
            $slope = array_map(static fn(float $one): float => $one * $expected / ($expected + $half), $slopes[$count->day]);
            $off = log($count->value + $half) - log($expected + $half);
            foreach ($slope as $i => $one) {
                $right[$i] += $weight * $one * $off;
                foreach ($slope as $k => $other) {
                    $matrix[$i][$k] += $weight * $one * $other;
                }
            }
        }
        $inverse = Matrix::inverse(array_values(array_map(array_values(...), $matrix)));
        $move = array_map(static fn(array $row): float => array_sum(array_map(static fn(float $a, float $b): float => $a * $b, $row, $right)), $inverse);
        $shorter = min(1.0, self::LONGEST / max(1e-9, ...array_map(abs(...), $move)));

        return [$inverse, [$shorter * $move[0], $shorter * $move[1], $shorter * $move[2], $shorter * $move[3]]];
    }
}
