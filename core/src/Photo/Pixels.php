<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use GdImage;

/** The points of a picture, row by row from the top left, as 0xRRGGBB of sRGB. */
final readonly class Pixels
{
    /** @param list<int> $rgb width x height of them */
    public function __construct(public int $width, public int $height, public array $rgb) {}

    public static function of(GdImage $picture): self
    {
        $width = imagesx($picture);
        $height = imagesy($picture);
        $rgb = [];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $rgb[] = (int) imagecolorat($picture, $x, $y) & 0xFFFFFF;
            }
        }

        return new self($width, $height, $rgb);
    }

    public function count(): int
    {
        return count($this->rgb);
    }
}
