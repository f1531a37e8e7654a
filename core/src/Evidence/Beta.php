<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** The incomplete beta function, from which the distributions of Student and of Fisher and Snedecor follow. */
final class Beta
{
    /** Terms of a continued fraction: it settles long before. */
    private const TERMS = 300;

    private const SETTLED = 1e-14;

    /** From here on three terms of the series are exact to twelve figures. */
    private const FAR_OUT = 12.0;

    /**
     * I_x(a, b): the share of a beta distribution that lies under x.
     *
     * @param float $x from 0 to 1
     * @param float $a above 0
     * @param float $b above 0
     */
    public static function under(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1.0 - $x));

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
