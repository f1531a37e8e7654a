<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** Puts the edge of what is missing or bleached where half the light is its own: by hue alone the edge would lie too far in. */
final class HalfWay
{
    /**
     * @param array<int, Tissue> $classes
     * @param array<int, true>   $cream   which is as light as what grows here
     *
     * @return array<int, Tissue>
     */
    public static function of(FoundLeaf $leaf, array $classes, array $cream): array
    {
        foreach ($leaf->holes as $hole) {
            foreach (self::grown($leaf, $classes, $hole, $cream) as $i) {
                $classes[$i] = Tissue::Missing;
            }
        }
        $on = array_fill(0, count($leaf->blade->on), false);
        foreach ($classes as $i => $class) {
            $on[$i] = $class === Tissue::Bleached;
        }
        foreach ((new Mask($leaf->blade->width, $leaf->blade->height, array_values($on)))->pieces() as $piece) {
            if (count($piece) < PhotoLines::SPECK['value']) {
                continue;
            }
            foreach (self::grown($leaf, $classes, $piece, $cream) as $i) {
                $classes[$i] = Tissue::Bleached;
            }
        }

        return $leaf->healthy->purple ? self::trimmed($leaf, $classes) : $classes;
    }

    /**
     * @param array<int, Tissue> $classes
     * @param list<int>          $patch
     * @param array<int, true>   $cream
     *
     * @return list<int>
     */
    private static function grown(FoundLeaf $leaf, array $classes, array $patch, array $cream): array
    {
        $lightness = $leaf->colours->lightness;
        $w = $leaf->blade->width;
        $mean = array_sum(array_map(static fn(int $i): float => $lightness[$i], $patch)) / count($patch);
        $half = 0.5 * ($mean + $leaf->healthy->lightness);
        $own = array_fill_keys($patch, true);
        $edge = $patch;
        for ($ring = 0; $ring < PhotoLines::HALF_WAY['value']; ++$ring) {
            $next = [];
            foreach ($edge as $i) {
                foreach ([$i - 1, $i + 1, $i - $w, $i + $w] as $j) {
                    if (! isset($own[$j]) && ! isset($cream[$j]) && ($classes[$j] ?? null) === Tissue::Healthy && $lightness[$j] > $half) {
                        $own[$j] = true;
                        $next[] = $j;
                    }
                }
            }
            $edge = $next;
        }

        return array_keys($own);
    }

    /**
     * Between dark purple and something light the hue turns long before half the light is there.
     *
     * @param array<int, Tissue> $classes
     *
     * @return array<int, Tissue>
     */
    private static function trimmed(FoundLeaf $leaf, array $classes): array
    {
        $light = array_filter($classes, static fn(Tissue $one): bool => $one === Tissue::Yellow || $one === Tissue::Bleached);
        $sum = 0.0;
        foreach ($light as $i => $class) {
            $sum += $leaf->colours->lightness[$i];
        }
        $half = 0.5 * ($sum / max(1, count($light)) + $leaf->healthy->lightness);
        $w = $leaf->blade->width;
        $edge = array_filter($classes, static fn(Tissue $one): bool => $one === Tissue::Healthy);
        for ($ring = 0; $ring < PhotoLines::HALF_WAY['value'] && $light !== []; ++$ring) {
            $next = [];
            foreach ($edge as $i => $healthy) {
                foreach ([$i - 1, $i + 1, $i - $w, $i + $w] as $j) {
                    $class = $classes[$j] ?? Tissue::Healthy;
                    if ($class->isInjured() && $class !== Tissue::Missing && $leaf->colours->lightness[$j] < $half && self::leadsTo($leaf, $classes, $j, $j - $i, $half)) {
                        $classes[$j] = Tissue::Healthy;
                        $next[$j] = Tissue::Healthy;
                    }
                }
            }
            $edge = $next;
        }

        return $classes;
    }

    /**
     * Whether it grows light within a few points: an edge of something light, and not something brown.
     *
     * @param array<int, Tissue> $classes
     */
    private static function leadsTo(FoundLeaf $leaf, array $classes, int $from, int $step, float $light): bool
    {
        for ($k = 1; $k <= PhotoLines::HALF_WAY['value']; ++$k) {
            $class = $classes[$from + $k * $step] ?? null;
            if (($class === Tissue::Yellow || $class === Tissue::Bleached) && $leaf->colours->lightness[$from + $k * $step] > $light) {
                return true;
            }
        }

        return false;
    }
}
