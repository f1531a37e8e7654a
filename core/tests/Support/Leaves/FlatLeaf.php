<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Leaves;

use GdImage;
use IdleMixer\Core\Photo\Pixels;

/** An oval leaf on a sheet, in flat colours, without light, camera or noise: what is hurt is counted at twice the size. */
final class FlatLeaf
{
    private const WIDE = 240;

    private const HIGH = 320;

    /** Half the width and half the height of the blade. */
    private const BLADE = [76, 116];

    private const TIMES = 2;

    /** @param array<int, int> $points by colour */
    private function __construct(private readonly GdImage $picture, public readonly Pixels $pixels, private readonly int $blade, private readonly array $points) {}

    /**
     * @param list<array{int, int, int, int, int}> $patches middle by that of the sheet, half width, half height, and colour; what lies beyond the blade is cut off
     * @param list<array{int, int, int, int, int}> $beside  left, top, right, bottom and colour of what lies beside it
     */
    public static function of(int $paper, int $blade, array $patches, array $beside = []): self
    {
        [$wide, $high] = [self::WIDE * self::TIMES, self::HIGH * self::TIMES];
        $layer = Scenes::sheet($wide, $high, $blade);
        foreach ($patches as [$x, $y, $across, $down, $colour]) {
            imagefilledellipse($layer, intdiv($wide, 2) + $x * self::TIMES, intdiv($high, 2) + $y * self::TIMES, 2 * $across * self::TIMES, 2 * $down * self::TIMES, $colour);
        }
        $large = Scenes::sheet($wide, $high, $paper);
        foreach ($beside as [$left, $top, $right, $bottom, $colour]) {
            imagefilledrectangle($large, $left * self::TIMES, $top * self::TIMES, $right * self::TIMES, $bottom * self::TIMES, $colour);
        }
        $all = 0;
        $points = [];
        for ($i = 0; $i < $wide * $high; ++$i) {
            [$x, $y] = [$i % $wide, intdiv($i, $wide)];
            if (hypot(($x + 0.5 - $wide / 2) / (self::BLADE[0] * self::TIMES), ($y + 0.5 - $high / 2) / (self::BLADE[1] * self::TIMES)) <= 1.0) {
                $colour = (int) imagecolorat($layer, $x, $y);
                imagesetpixel($large, $x, $y, $colour);
                $points[$colour] = ($points[$colour] ?? 0) + 1;
                ++$all;
            }
        }
        $small = Scenes::sheet(self::WIDE, self::HIGH, 0);
        imagecopyresampled($small, $large, 0, 0, 0, 0, self::WIDE, self::HIGH, $wide, $high);

        return new self($small, Pixels::of($small), $all, $points);
    }

    /** @return float percent of the blade */
    public function share(int $colour): float
    {
        return 100.0 * ($this->points[$colour] ?? 0) / max(1, $this->blade);
    }

    /** @return string a PNG of it */
    public function file(): string
    {
        ob_start();
        imagepng($this->picture);

        return (string) ob_get_clean();
    }
}
