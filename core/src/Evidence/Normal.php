<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** The normal distribution. */
final class Normal
{
    private const TERMS = [0.319381530, -0.356563782, 1.781477937, -1.821255978, 1.330274429];

    private const SCALE = 0.2316419;

    /** The share of it that lies under so many deviations: within 7.5e-8 (Abramowitz and Stegun 26.2.17). */
    public static function under(float $deviations): float
    {
        $t = 1.0 / (1.0 + self::SCALE * abs($deviations));
        $sum = 0.0;
        foreach (array_reverse(self::TERMS) as $term) {
            $sum = ($sum + $term) * $t;
        }
        $above = $sum * exp(-$deviations ** 2 / 2.0) / sqrt(2.0 * \M_PI);

        return $deviations < 0.0 ? $above : 1.0 - $above;
    }
}
