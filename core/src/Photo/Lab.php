<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

/** A colour as CIELAB (CIE 15, white of sRGB at 1, 1, 1): lightness 0 to 100, green to red, blue to yellow. */
final readonly class Lab
{
    private function __construct(public float $lightness, public float $a, public float $b) {}

    /** Of linear light, 1 being white. */
    public static function of(float $red, float $green, float $blue): self
    {
        $x = self::root((0.4124 * $red + 0.3576 * $green + 0.1805 * $blue) / 0.9505);
        $y = self::root(0.2126 * $red + 0.7152 * $green + 0.0722 * $blue);
        $z = self::root((0.0193 * $red + 0.1192 * $green + 0.9505 * $blue) / 1.089);

        return new self(116.0 * $y - 16.0, 500.0 * ($x - $y), 200.0 * ($y - $z));
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** @return float degrees from 0 to below 360: 90 yellow, 180 green */
    public function hue(): float
    {
        $hue = rad2deg(atan2($this->b, $this->a));

        return $hue < 0.0 ? $hue + 360.0 : $hue;
    }

    private static function root(float $value): float
    {
        return $value > 0.008856 ? $value ** (1.0 / 3.0) : 7.787 * $value + 16.0 / 116.0;
    }
}
