<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;

/**
 * The share of rounds that would really work, 19 times of 20: not the share of which that was counted, since few and clumped counts make
 * some rounds look better than they were, and some worse.
 *
 * What a round left is, on the logarithm, the middle of its spray, and differs from case to case and from round to round by a normal
 * distribution; what was counted differs from that by chance and clumps, as much as is known of each count. Nothing is known of the middle
 * beforehand; how much rounds differ is taken to be around our own line, and how much of that lies between cases likewise. Both are gone
 * through on a grid, each point weighed by how well it fits (Bayes); given them the middle is normal, and so the share follows.
 */
final readonly class TrueShare
{
    private const HALVINGS = 30;

    /**
     * @param list<RoundEffect> $effects
     *
     * @return Interval|null shares of 1; null with none judged
     */
    public static function of(array $effects, Clumping $clumping): ?Interval
    {
        $cases = self::byCase($effects, $clumping);
        if ($cases === []) {
            return null;
        }
        $points = [];
        foreach (EvidenceLines::ROUNDS_DIFFER['value'] as [$spread, $weight]) {
            foreach (EvidenceLines::OF_THAT_CASES['value'] as $alike) {
                [$middle, $variance, $fit] = self::fitted($cases, $alike * $spread ** 2, (1.0 - $alike) * $spread ** 2);
                $points[] = [$spread, $middle, sqrt($variance), $fit + log($weight)];
            }
        }
        $best = max(array_column($points, 3));
        $points = array_map(static fn(array $point): array => [$point[0], $point[1], $point[2], exp($point[3] - $best)], $points);
        $tail = Interval::OUTSIDE / 2.0;

        return Interval::remembered(self::quantile($points, $tail), self::quantile($points, 1.0 - $tail));
    }

    /**
     * @param list<RoundEffect> $effects
     *
     * @return array<string, non-empty-list<array{float, float}>> of what is judged: natural logarithm of what was left, and variance of its counts
     */
    private static function byCase(array $effects, Clumping $clumping): array
    {
        $cases = [];
        foreach ($effects as $effect) {
            if ($effect->isJudged() && $effect->kept !== null) {
                // What was back within the week has left at least that much.
                $left = $effect->outcome === Outcome::CameBack ? max($effect->kept->log, log(EvidenceLines::CAME_BACK['value'])) : $effect->kept->log;
                $cases["case {$effect->case}"][] = [$left, $effect->kept->variance($clumping)];
            }
        }

        return $cases;
    }

    /**
     * @param array<string, non-empty-list<array{float, float}>> $cases
     * @param float $between variance between cases
     * @param float $within  variance between the rounds of a case
     *
     * @return array{float, float, float} middle, its variance, and the logarithm of how well it fits
     */
    private static function fitted(array $cases, float $between, float $within): array
    {
        $weights = 0.0;
        $sum = 0.0;
        $squares = 0.0;
        $fit = 0.0;
        foreach ($cases as $rounds) {
            // Rounds of a case first, which share what their case differs by.
            [$precision, $weighted, $inner] = [0.0, 0.0, 0.0];
            foreach ($rounds as [$log, $variance]) {
                $one = 1.0 / ($within + $variance);
                $precision += $one;
                $weighted += $one * $log;
                $inner += $one * $log ** 2;
                $fit += 0.5 * log($one);
            }
            $mean = $weighted / $precision;
            $whole = 1.0 / ($between + 1.0 / $precision);
            $fit += 0.5 * log($whole / $precision) - 0.5 * ($inner - $precision * $mean ** 2);
            $weights += $whole;
            $sum += $whole * $mean;
            $squares += $whole * $mean ** 2;
        }
        $middle = $sum / $weights;

        return [$middle, 1.0 / $weights, $fit - 0.5 * ($squares - $weights * $middle ** 2) - 0.5 * log($weights)];
    }

    /**
     * The share that the truth is under with so large a chance.
     *
     * @param list<array{float, float, float, float}> $points spread of rounds, middle, deviation of the middle, weight
     */
    private static function quantile(array $points, float $under): float
    {
        $all = array_sum(array_column($points, 3));
        $works = log(1.0 - EvidenceLines::WORKED_FROM['value'] / 100.0);
        // On the scale of normal deviates, where a share never leaves 0 to 1.
        [$low, $high] = [-8.0, 8.0];
        for ($step = 0; $step < self::HALVINGS; ++$step) {
            $deviate = ($low + $high) / 2.0;
            $sum = 0.0;
            foreach ($points as [$spread, $middle, $deviation, $weight]) {
                // Under this share where the middle is higher than this.
                $sum += $weight * Normal::under(($middle - ($works - $spread * $deviate)) / $deviation);
            }
            if ($sum / $all < $under) {
                $low = $deviate;
            } else {
                $high = $deviate;
            }
        }

        return Normal::under(($low + $high) / 2.0);
    }
}
