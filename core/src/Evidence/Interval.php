<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Words\Say;

/** The shares of 1 that a count of successes is compatible with, at 95 % confidence. */
final readonly class Interval
{
    /** The 97.5 % point of the standard normal distribution. */
    public const Z = 1.959963984540054;

    /** The share of truths that lie outside. */
    public const OUTSIDE = 0.05;

    private const TAIL = self::OUTSIDE / 2.0;

    private function __construct(public float $low, public float $high) {}

    /** As it was written down. */
    public static function remembered(float $low, float $high): self
    {
        return new self($low, $high);
    }

    /**
     * The score interval of Wilson (1927), without continuity correction, for rounds that lie in cases: rounds on one plant are alike,
     * so that together they tell less than as many on plants of their own. The number of trials is divided by the design effect
     * 1 + (m - 1) r of Kish (1965), Survey Sampling, with m the mean size of a case weighted by rounds and r how alike the rounds of
     * a case are.
     *
     * @param list<array{int, int}> $cases successes and trials of each
     *
     * @throws InvalidCount when there are no trials, or more successes than trials
     */
    public static function clustered(array $cases): self
    {
        $successes = array_sum(array_column($cases, 0));
        $trials = array_sum(array_column($cases, 1));
        if ($trials < 1) {
            throw InvalidCount::becauseZero(Say::it('evidence/interval.number-of-trials'));
        }
        if ($successes < 0 || $successes > $trials) {
            throw InvalidCount::becauseMoreThanAll($successes, $trials);
        }
        $size = array_sum(array_map(static fn(array $case): int => $case[1] ** 2, $cases)) / $trials;

        return self::score($successes / $trials, $trials / (1.0 + ($size - 1.0) * EvidenceLines::ALIKE_IN_CASE['value']));
    }

    private static function score(float $share, float $trials): self
    {
        $z2 = self::Z ** 2;
        $middle = ($share + $z2 / (2 * $trials)) / (1 + $z2 / $trials);
        $half = self::Z / (1 + $z2 / $trials) * sqrt($share * (1 - $share) / $trials + $z2 / (4 * $trials ** 2));

        return new self(max(0.0, $middle - $half), min(1.0, $middle + $half));
    }

    /**
     * Exact one-sided 95 % upper bound when none of n happened: 1 - 0.05^(1/n).
     * Hanley and Lippman-Hand (1983), JAMA 249:1743-1745.
     *
     * @throws InvalidCount when there are no trials
     */
    public static function noneOf(int $trials): self
    {
        if ($trials < 1) {
            throw InvalidCount::becauseZero(Say::it('evidence/interval.number-of-trials'));
        }

        return new self(0.0, 1.0 - 0.05 ** (1 / $trials));
    }

    /**
     * Clopper and Pearson (1934), Biometrika 26:404-413: the exact interval, by bisection of the binomial sums.
     *
     * @throws InvalidCount when there are no trials, or more successes than trials
     */
    public static function exact(int $successes, int $trials): self
    {
        if ($trials < 1) {
            throw InvalidCount::becauseZero(Say::it('evidence/interval.number-of-trials'));
        }
        if ($successes < 0 || $successes > $trials) {
            throw InvalidCount::becauseMoreThanAll($successes, $trials);
        }
        $low = $successes === 0 ? 0.0 : self::bisect(static fn(float $p): bool => 1.0 - self::atMost($successes - 1, $trials, $p) > self::TAIL);
        $high = $successes === $trials ? 1.0 : self::bisect(static fn(float $p): bool => self::atMost($successes, $trials, $p) < self::TAIL);

        return new self($low, $high);
    }

    /** Binomial probability of so many successes or fewer. */
    private static function atMost(int $successes, int $trials, float $share): float
    {
        $sum = 0.0;
        $term = (1.0 - $share) ** $trials;
        for ($k = 0; $k <= $successes; ++$k) {
            $sum += $term;
            $term *= $share >= 1.0 ? 0.0 : ($trials - $k) / ($k + 1) * $share / (1.0 - $share);
        }

        return $sum;
    }

    /** @param callable(float): bool $beyond rising with its argument from 0 to 1 */
    private static function bisect(callable $beyond): float
    {
        $low = 0.0;
        $high = 1.0;
        for ($step = 0; $step < 60; ++$step) {
            $middle = ($low + $high) / 2.0;
            if ($beyond($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $low;
    }
}
