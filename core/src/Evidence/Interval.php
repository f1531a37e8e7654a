<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** The shares of 1 that a count of successes is compatible with, at 95 % confidence. */
final readonly class Interval
{
    /** The 97.5 % point of the standard normal distribution. */
    private const Z = 1.959963984540054;

    private function __construct(public float $low, public float $high) {}

    /**
     * Wilson (1927) score interval without continuity correction.
     *
     * @throws InvalidCount when there are no trials, or more successes than trials
     */
    public static function wilson(int $successes, int $trials): self
    {
        if ($trials < 1) {
            throw InvalidCount::becauseZero('the number of trials');
        }
        if ($successes < 0 || $successes > $trials) {
            throw InvalidCount::becauseMoreThanAll($successes, $trials);
        }
        $share = $successes / $trials;
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
            throw InvalidCount::becauseZero('the number of trials');
        }

        return new self(0.0, 1.0 - 0.05 ** (1 / $trials));
    }
}
