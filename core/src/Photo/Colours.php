<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** The colours of a picture as they would be on white paper in even light: lightness, chroma, hue (degrees, 0 to 360) and luminance of each point. */
final readonly class Colours
{
    /**
     * @param list<float> $lightness
     * @param list<float> $chroma
     * @param list<float> $hue
     * @param list<float> $luminance 1 is white
     */
    private function __construct(public array $lightness, public array $chroma, public array $hue, public array $luminance) {}

    /**
     * @param list<float> $shade luminance of the paper at each point
     * @param list<bool>  $which points that are asked for; the others are 0
     */
    public static function of(LinearLight $light, Paper $paper, array $shade, array $which): self
    {
        $coloured = $paper->isColoured();
        $white = self::whiteOf($paper);
        [$gr, $gg, $gb] = $coloured ? [1.0, 1.0, 1.0] : [$paper->gain(0), $paper->gain(1), $paper->gain(2)];
        $root = self::roots();
        $top = count($root) - 1;
        [$lightness, $chroma, $hue, $luminance] = [[], [], [], []];
        foreach ($which as $i => $asked) {
            if (! $asked) {
                $lightness[] = $chroma[] = $hue[] = $luminance[] = 0.0;
                continue;
            }
            $k = $white / max(1e-5, $shade[$i]);
            $r = $light->red[$i] * $k / $gr;
            $g = $light->green[$i] * $k / $gg;
            $b = $light->blue[$i] * $k / $gb;
            $y = 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
            $fx = $root[min($top, (int) (2048.0 * (0.4339 * $r + 0.3762 * $g + 0.1899 * $b)))];
            $fy = $root[min($top, (int) (2048.0 * $y))];
            $fz = $root[min($top, (int) (2048.0 * (0.0177 * $r + 0.1095 * $g + 0.8728 * $b)))];
            $a = 500.0 * ($fx - $fy);
            $c = 200.0 * ($fy - $fz);
            $angle = rad2deg(atan2($c, $a));
            $lightness[] = 116.0 * $fy - 16.0;
            $chroma[] = hypot($a, $c);
            $hue[] = $angle < 0.0 ? $angle + 360.0 : $angle;
            $luminance[] = $y;
        }

        return new self($lightness, $chroma, $hue, $luminance);
    }

    /** Luminance of a paper: white gives back most of the light; of a coloured one nobody knows how much, so the exposure of the camera is believed. */
    public static function whiteOf(Paper $paper): float
    {
        return $paper->isColoured() ? min(PhotoLines::WHITE_PAPER['value'], $paper->luminance) : PhotoLines::WHITE_PAPER['value'];
    }

    /** @return float lightness of a grey of this luminance */
    public static function lightnessOf(float $luminance): float
    {
        return Lab::of($luminance, $luminance, $luminance)->lightness;
    }

    /** @return list<float> the cube roots of CIELAB for each 2048th, up to 2 */
    private static function roots(): array
    {
        $table = [];
        for ($i = 0; $i <= 4096; ++$i) {
            $v = ($i + 0.5) / 2048.0;
            $table[] = $v > 0.008856 ? $v ** (1.0 / 3.0) : 7.787 * $v + 16.0 / 116.0;
        }

        return $table;
    }
}
