<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use IdleMixer\Core\Photo\Pixels;

/** A sheet without camera or noise: each point as light as it is said to be. */
final class Sheet
{
    /** @param callable(float, float): float $light 0 to 1, by place as shares of the long side from the middle of a square of it */
    public static function lit(int $wide, int $high, callable $light): Pixels
    {
        $long = max($wide, $high);
        $points = [];
        for ($i = 0; $i < $wide * $high; ++$i) {
            $value = self::encoded($light($i % $wide / $long - 0.5, intdiv($i, $wide) / $long - 0.5));
            $points[] = $value << 16 | $value << 8 | $value;
        }

        return new Pixels($wide, $high, $points);
    }

    public static function plain(int $wide, int $high, int $colour): Pixels
    {
        return new Pixels($wide, $high, array_fill(0, $wide * $high, $colour));
    }

    /** The curve of sRGB (IEC 61966-2-1). */
    private static function encoded(float $light): int
    {
        return (int) round(255.0 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1.0 / 2.4) - 0.055));
    }
}
