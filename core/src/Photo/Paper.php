<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Words\Say;

/** The paper a leaf lies on, told from the border of the picture. */
final readonly class Paper
{
    /**
     * @param float $red       share of red in its colour, the three adding up to 1
     * @param float $green     share of green
     * @param float $off       distance of shares from which a point is no paper
     * @param float $luminance at the median
     * @param float $brightest luminance that a tenth of it goes beyond
     */
    private function __construct(public float $red, public float $green, public float $off, public float $luminance, private float $brightest) {}

    /** @throws RefusedPicture where the border is no paper */
    public static function around(LinearLight $light): self
    {
        $border = self::border($light);
        $lums = [];
        $reds = [];
        $greens = [];
        $grain = [];
        foreach ($border as $i) {
            [$r, $g, $b] = [$light->red[$i], $light->green[$i], $light->blue[$i]];
            $sum = $r + $g + $b + 1e-6;
            $lum = LinearLight::luminance($r, $g, $b);
            $lums[] = $lum;
            $reds[] = $r / $sum;
            $greens[] = $g / $sum;
            $beside = LinearLight::luminance($light->red[$i + 2] ?? $r, $light->green[$i + 2] ?? $g, $light->blue[$i + 2] ?? $b);
            $grain[] = abs($lum - $beside) / ($lum + 1e-4);
        }
        $luminance = self::median($lums);
        if ($luminance < PhotoLines::DARKEST_PAPER['value']) {
            throw RefusedPicture::because('dark', Say::it('photo/paper.dark'));
        }
        if (self::median($grain) > PhotoLines::PAPER_GRAIN['value']) {
            throw RefusedPicture::because('no-paper', Say::it('photo/paper.no-paper'));
        }
        [$red, $green] = [self::median($reds), self::median($greens)];
        $scatter = self::median(array_map(static fn(float $r, float $g): float => abs($r - $red) + abs($g - $green), $reds, $greens));
        $off = max(PhotoLines::OFF_PAPER['value'], PhotoLines::OFF_PAPER_SCATTER['value'] * $scatter);
        $like = array_filter($reds, static fn(float $r, int $k): bool => abs($r - $red) + abs($greens[$k] - $green) < 2.0 * $off, ARRAY_FILTER_USE_BOTH);
        if ($scatter > PhotoLines::PAPER_SCATTER['value'] || count($like) < PhotoLines::PAPER_SHARE['value'] * count($border)) {
            throw RefusedPicture::because('no-paper', Say::it('photo/paper.no-paper.border-of-picture-no-plain'));
        }

        sort($lums);

        return new self($red, $green, $off, $luminance, $lums[intdiv(9 * count($lums), 10)]);
    }

    /** Light of white paper under the same lamp, by channel: what a colour is divided by. */
    public function white(): Lab
    {
        return Lab::of($this->gain(0), $this->gain(1), $this->gain(2));
    }

    public function isColoured(): bool
    {
        $white = $this->white();
        $isLamp = $white->hue() > PhotoLines::LAMP_FROM['value'] && $white->hue() < PhotoLines::LAMP_TO['value'];

        return ($this->brightest < PhotoLines::DIM_PAPER['value'] && $white->chroma() > PhotoLines::DIM_COLOURED['value'])
            || $white->chroma() > ($isLamp ? PhotoLines::LAMP_COLOURED['value'] : PhotoLines::COLOURED_PAPER['value']);
    }

    /** @return float channel of the paper by its luminance: 1, 1, 1 on grey */
    public function gain(int $channel): float
    {
        $shares = [$this->red, $this->green, 1.0 - $this->red - $this->green];

        return $shares[$channel] / LinearLight::luminance(...$shares);
    }

    /** @return list<int> */
    private static function border(LinearLight $light): array
    {
        $wide = (int) max(3, round(PhotoLines::BORDER['value'] * min($light->width, $light->height)));
        $points = [];
        for ($y = 0; $y < $light->height; $y += 2) {
            $inner = $y >= $wide && $y < $light->height - $wide;
            for ($x = 0; $x < $light->width; $x += 2) {
                if ($inner && $x >= $wide && $x < $light->width - $wide) {
                    $x = $light->width - $wide;
                }
                $points[] = $y * $light->width + $x;
            }
        }

        return $points;
    }

    /** @param list<float> $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)] ?? 0.0;
    }
}
