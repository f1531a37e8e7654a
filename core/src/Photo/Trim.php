<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** Takes off what of the outline is more paper than leaf: a blurred edge would make a thin rim of burn wide. */
final class Trim
{
    public static function of(Mask $whole, Colours $colours, float $paper): Mask
    {
        $deep = $whole->distances();
        $w = $whole->width;
        $on = $whole->on;
        foreach ($deep as $i => $d) {
            if ($d <= 0.0 || $d > PhotoLines::BLURRED['value']) {
                continue;
            }
            $inner = $i;
            for ($step = 0; $step < PhotoLines::HALF_WAY['value']; ++$step) {
                $next = $inner;
                foreach ([-$w - 1, -$w, -$w + 1, -1, 1, $w - 1, $w, $w + 1] as $by) {
                    $next = ($deep[$inner + $by] ?? 0.0) > $deep[$next] ? $inner + $by : $next;
                }
                $inner = $next;
            }
            // The darkest on the way in is what the edge is of, be it a rim or the blade.
            $own = min($colours->lightness[$inner], self::darkest($colours, $deep, $i, $inner, $w));
            $on[$i] = $paper - $own < PhotoLines::STANDS_OUT['value'] || $colours->lightness[$i] < 0.5 * ($paper + $own);
        }

        return new Mask($w, $whole->height, array_values($on));
    }

    /** @param list<float> $deep */
    private static function darkest(Colours $colours, array $deep, int $from, int $to, int $width): float
    {
        $x = $to % $width - $from % $width;
        $y = intdiv($to, $width) - intdiv($from, $width);
        $darkest = 100.0;
        for ($k = 1; $k <= PhotoLines::HALF_WAY['value']; ++$k) {
            $share = $k / PhotoLines::HALF_WAY['value'];
            $i = $from + (int) round($share * $y) * $width + (int) round($share * $x);
            $darkest = ($deep[$i] ?? 0.0) > 0.0 ? min($darkest, $colours->lightness[$i]) : $darkest;
        }

        return $darkest;
    }
}
