<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Words\Say;

/** Student's t distribution (1908), Biometrika 6:1-25: how far a mean of few may lie from the truth. */
final class Student
{
    private const HALVINGS = 100;

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
        return Beta::under($freedom / ($freedom + $t ** 2), $freedom / 2.0, 0.5);
    }
}
