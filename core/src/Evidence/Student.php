<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Words\Say;

/** Student's t distribution (1908), Biometrika 6:1-25: how far a mean of few may lie from the truth. */
final class Student
{
    /** Terms of a continued fraction: it settles long before. */
    private const TERMS = 300;

    private const SETTLED = 1e-14;

    private const HALVINGS = 100;

    /** From here on three terms of the series are exact to twelve figures. */
    private const FAR_OUT = 12.0;

    /**
     * The t that is passed on either side together in 1 of 20 cases: the 97.5 % point.
     *
     * @param float $freedom degrees of freedom, 1 or more
     *
     * @throws InvalidCount when there are fewer
     */
    public static function nineteenOfTwenty(float $freedom): float
    {
        return self::passedBy(Interval::OUTSIDE, $freedom);
    }

    /**
     * The t that is passed on either side together by so large a share.
     *
     * @param float $share   above 0, under 1
     * @param float $freedom degrees of freedom, 1 or more
     *
     * @throws InvalidCount when there are fewer
     */
    public static function passedBy(float $share, float $freedom): float
    {
        if ($freedom < 1.0) {
            throw InvalidCount::becauseZero(Say::it('evidence/student.number-of-degrees-of-freedom'));
        }
        $low = 0.0;
        $high = 100.0;
        for ($step = 0; $step < self::HALVINGS; ++$step) {
            $middle = ($low + $high) / 2.0;
            if (self::outside($middle, $freedom) > $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** The share that lies further from 0 than t, on either side: the incomplete beta function I_x(n/2, 1/2) at x = n/(n + t²). */
    private static function outside(float $t, float $freedom): float
    {
        $x = $freedom / ($freedom + $t ** 2);
        $a = $freedom / 2.0;
        $b = 0.5;
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + ($x < 1.0 ? $b * log(1.0 - $x) : 0.0));
        if ($x >= 1.0) {
            return 1.0;
        }

        return $x < ($a + 1.0) / ($a + $b + 2.0) ? $front * self::fraction($a, $b, $x) / $a : 1.0 - $front * self::fraction($b, $a, 1.0 - $x) / $b;
    }

    /** The continued fraction of the incomplete beta function (Abramowitz and Stegun 26.5.8), by the method of Lentz (1976). */
    private static function fraction(float $a, float $b, float $x): float
    {
        $c = 1.0;
        $d = 1.0 / (1.0 - ($a + $b) * $x / ($a + 1.0));
        $value = $d;
        for ($m = 1; $m <= self::TERMS; ++$m) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $before = $value;
            foreach ([$even, $odd] as $term) {
                $d = 1.0 / (1.0 + $term * $d);
                $c = 1.0 + $term / $c;
                $value *= $c * $d;
            }
            if (abs($value / $before - 1.0) < self::SETTLED) {
                break;
            }
        }

        return $value;
    }

    /** By the series of Stirling, after the recurrence has taken the argument far enough out (Abramowitz and Stegun 6.1.41). */
    private static function logGamma(float $x): float
    {
        $shift = 0.0;
        while ($x < self::FAR_OUT) {
            $shift -= log($x);
            $x += 1.0;
        }

        return $shift + ($x - 0.5) * log($x) - $x + 0.5 * log(2.0 * \M_PI) + 1.0 / (12.0 * $x) - 1.0 / (360.0 * $x ** 3) + 1.0 / (1260.0 * $x ** 5);
    }
}
