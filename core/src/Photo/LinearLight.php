<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** The light of each point: sRGB undone (IEC 61966-2-1), a little smoothed against noise and the packing of JPEG. */
final readonly class LinearLight
{
    /**
     * @param list<float> $red   0 to 1, and so on
     * @param list<float> $green
     * @param list<float> $blue
     */
    private function __construct(public int $width, public int $height, public array $red, public array $green, public array $blue) {}

    public static function of(Pixels $pixels): self
    {
        $table = [];
        for ($i = 0; $i < 256; ++$i) {
            $v = $i / 255.0;
            $table[] = $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
        }
        $red = [];
        $green = [];
        $blue = [];
        foreach ($pixels->rgb as $rgb) {
            $red[] = $table[$rgb >> 16];
            $green[] = $table[($rgb >> 8) & 255];
            $blue[] = $table[$rgb & 255];
        }
        $width = $pixels->width;

        return new self($width, $pixels->height, self::smooth($red, $width), self::smooth($green, $width), self::smooth($blue, $width));
    }

    /** @return float relative luminance of a point (ITU-R BT.709) */
    public static function luminance(float $red, float $green, float $blue): float
    {
        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    /**
     * @param list<float> $values
     *
     * @return list<float> each with its neighbours, 1 2 1 across and down
     */
    private static function smooth(array $values, int $width): array
    {
        $count = count($values);
        $across = [];
        for ($i = 0; $i < $count; ++$i) {
            $across[] = $i === 0 || $i === $count - 1 ? $values[$i] : 0.25 * ($values[$i - 1] + 2.0 * $values[$i] + $values[$i + 1]);
        }
        $out = [];
        for ($i = 0; $i < $count; ++$i) {
            $out[] = $i < $width || $i >= $count - $width ? $across[$i] : 0.25 * ($across[$i - $width] + 2.0 * $across[$i] + $across[$i + $width]);
        }

        return $out;
    }
}
