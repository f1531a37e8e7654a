<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use GdImage;
use Random\Randomizer;

/** A field of soft chance: a few random dots drawn large. */
final class Noise
{
    /** @return GdImage whose blue channel, 0 to 255, is the field */
    public static function field(Randomizer $chance, int $wide, int $high, int $grain): GdImage
    {
        $w = max(3, intdiv($wide, $grain));
        $h = max(3, intdiv($high, $grain));
        $small = imagecreatetruecolor($w, $h);
        for ($y = 0; $y < $h; ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                $v = $chance->getInt(0, 255);
                imagesetpixel($small, $x, $y, ($v << 16) | ($v << 8) | $v);
            }
        }
        $large = imagescale($small, $wide, $high, IMG_BILINEAR_FIXED);

        return $large === false ? $small : $large;
    }
}
