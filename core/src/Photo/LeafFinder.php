<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Words\Say;

/** Finds the one leaf on its paper. */
final class LeafFinder
{
    /** @throws RefusedPicture where there is no leaf, more than one, or none that can be measured */
    public static function find(Pixels $pixels): FoundLeaf
    {
        $light = LinearLight::of($pixels);
        $paper = Paper::around($light);
        $near = self::likePaper($light, $paper);
        $shade = Shade::over($light, $near);
        $bright = $shade->everywhere();
        $on = [];
        foreach ($near as $i => $like) {
            $on[] = ! $like || LinearLight::luminance($light->red[$i], $light->green[$i], $light->blue[$i]) < PhotoLines::BLACK['value'] * $bright[$i];
        }
        $colours = Colours::of($light, $paper, $bright, $on);
        foreach ($on as $i => $off) {
            $on[$i] = $off && ! self::isInk($colours->lightness[$i], $colours->hue[$i]);
        }
        $raw = new Mask($light->width, $light->height, $on);
        $thick = $raw->opened(PhotoLines::THIN['value']);
        [$blade, $healthy] = self::blade($raw, $thick, $colours);
        $holes = array_values(array_filter($blade->holes(), static fn(array $hole): bool => count($hole) > 2 * PhotoLines::THIN['value'] ** 2));
        $filled = $blade->on;
        foreach ($blade->holes() as $hole) {
            foreach ($hole as $i) {
                $filled[$i] = true;
            }
        }
        $whole = new Mask($blade->width, $blade->height, array_values($filled));
        TwoLeaves::refuse($whole);

        $own = Colours::of($light, $paper, $bright, $whole->on);
        $trimmed = Trim::of($whole, $own, Colours::lightnessOf(Colours::whiteOf($paper)));

        return new FoundLeaf($trimmed, $holes, $own, $healthy, $paper, $shade, self::cut($trimmed));
    }

    /** @return list<bool> */
    private static function likePaper(LinearLight $light, Paper $paper): array
    {
        $near = [];
        $least = PhotoLines::BLACK['value'] * $paper->luminance;
        foreach ($light->red as $i => $r) {
            $g = $light->green[$i];
            $b = $light->blue[$i];
            $sum = $r + $g + $b + 1e-6;
            $near[] = abs($r / $sum - $paper->red) + abs($g / $sum - $paper->green) < $paper->off && LinearLight::luminance($r, $g, $b) > PhotoLines::SHADOW_LEAST['value'] * $least;
        }

        return $near;
    }

    /** Lines of paper are printed in blue and light red. */
    private static function isInk(float $lightness, float $hue): bool
    {
        return $lightness > PhotoLines::INK_LIGHT['value'] && (($hue > PhotoLines::INK_FROM['value'] && $hue < PhotoLines::INK_TO['value']) || $hue > PhotoLines::INK_TO['value'] || $hue < PhotoLines::PURPLE_TO['value'] + PhotoLines::PURPLE_ROOM['value']);
    }

    /** @return array{Mask, HealthyColour} */
    private static function blade(Mask $raw, Mask $thick, Colours $colours): array
    {
        $all = count($raw->on);
        $pieces = array_values(array_filter($thick->pieces(), static fn(array $piece): bool => count($piece) > PhotoLines::SCRAP['value'] * $all));
        if ($pieces === [] || array_sum(array_map(count(...), $pieces)) < PhotoLines::LEAST_LEAF['value'] * $all) {
            throw RefusedPicture::because('no-leaf', Say::it('photo/leaf-finder.no-leaf'));
        }
        $healthy = HealthyColour::among($colours, array_merge(...$pieces));
        if ($healthy === null) {
            throw RefusedPicture::because('nothing-healthy', Say::it('photo/leaf-finder.nothing-healthy'));
        }
        $alive = static fn(int $i): bool => $colours->chroma[$i] > PhotoLines::GREY['value'] && $healthy->away($colours->hue[$i]) < PhotoLines::ALIVE['value'];
        $best = self::theOne($raw, $thick, $alive);
        $mask = self::withoutThings($raw->only(array_values(array_filter($best, static fn(int $i): bool => $thick->on[$i]))), $alive);
        $own = HealthyColour::among($colours, array_keys(array_filter($mask->on)));

        return [$mask, $own ?? throw RefusedPicture::because('nothing-healthy', Say::it('photo/leaf-finder.nothing-healthy.nothing-of-this-leaf-green'))];
    }

    /**
     * @param callable(int): bool $alive
     *
     * @return list<int> points of the piece with most life in it, its stalk among them
     *
     * @throws RefusedPicture where there is none, or another beside it
     */
    private static function theOne(Mask $raw, Mask $thick, callable $alive): array
    {
        $all = count($raw->on);
        // Stalks are too thin for blade, yet they hold the leaflets of one leaf together.
        $joined = [];
        foreach ($raw->on as $i => $on) {
            $joined[] = $thick->on[$i] || ($on && $alive($i));
        }
        $best = null;
        $most = 0;
        $others = [];
        $sizes = [];
        foreach ((new Mask($raw->width, $raw->height, $joined))->pieces() as $piece) {
            $living = count(array_filter($piece, $alive));
            $others[] = $living;
            $sizes[] = self::isStraight($raw->width, $piece) ? 0 : count($piece);
            if ($living > $most) {
                [$most, $best] = [$living, $piece];
            }
            if (count($piece) < PhotoLines::SCRAP['value'] * $all) {
                break;
            }
        }
        rsort($others);
        rsort($sizes);
        if ($best === null || count($best) < PhotoLines::LEAST_LEAF['value'] * $all) {
            throw RefusedPicture::because('no-leaf', Say::it('photo/leaf-finder.no-leaf'));
        }
        if (($others[1] ?? 0) > PhotoLines::SECOND_LEAF['value'] * $most || ($sizes[1] ?? 0) > PhotoLines::DEAD_LEAF['value'] * count($best)) {
            throw RefusedPicture::because('two-leaves', Say::it('photo/leaf-finder.two-leaves'));
        }
        if (count($best) > PhotoLines::MOST_LEAF['value'] * $all) {
            throw RefusedPicture::because('no-paper', Say::it('photo/leaf-finder.no-paper'));
        }

        return $best;
    }

    /**
     * A ruler or a label that the stalk touches: straight-sided, and nothing of it alive.
     *
     * @param callable(int): bool $alive
     */
    private static function withoutThings(Mask $mask, callable $alive): Mask
    {
        $on = $mask->on;
        // Without the stalk between them, blade and ruler are pieces of their own.
        foreach ($mask->opened(PhotoLines::STALK['value'])->pieces() as $piece) {
            if (! self::isStraight($mask->width, $piece) || count(array_filter($piece, $alive)) >= PhotoLines::LEAST_HEALTHY['value'] * count($piece)) {
                continue;
            }
            $room = PhotoLines::STALK['value'];
            $across = array_map(static fn(int $i): int => $i % $mask->width, $piece);
            [$left, $right] = [min([...$across, $mask->width]) - $room, max([...$across, 0]) + $room];
            [$top, $bottom] = [intdiv(min([...$piece, PHP_INT_MAX]), $mask->width) - $room, intdiv(max([...$piece, 0]), $mask->width) + $room];
            foreach ($on as $i => $set) {
                $x = $i % $mask->width;
                $y = intdiv($i, $mask->width);
                $on[$i] = $set && ($x < $left || $x > $right || $y < $top || $y > $bottom || $alive($i));
            }
        }

        return new Mask($mask->width, $mask->height, $on);
    }

    /** @param list<int> $piece */
    private static function isStraight(int $width, array $piece): bool
    {
        $across = array_map(static fn(int $i): int => $i % $width, $piece);
        if ($across === [] || $piece === []) {
            return false;
        }
        $box = (max($across) - min($across) + 1) * (intdiv(max($piece), $width) - intdiv(min($piece), $width) + 1);

        return count($piece) > PhotoLines::STRAIGHT['value'] * $box;
    }

    private static function cut(Mask $blade): float
    {
        $edge = 0;
        $last = $blade->height - 1;
        foreach ($blade->on as $i => $on) {
            $x = $i % $blade->width;
            $y = intdiv($i, $blade->width);
            $edge += $on && ($x === 0 || $y === 0 || $x === $blade->width - 1 || $y === $last) ? 1 : 0;
        }

        return $edge / max(1.0, 4.0 * sqrt((float) $blade->area()));
    }
}
