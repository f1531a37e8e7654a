<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** Water-soaked patches: of the healthy hue, and clearly darker, with a valley between the two. */
final class WetTissue
{
    private const BIN = 0.08;

    private const BINS = 90;

    /**
     * @param array<int, Tissue> $classes
     *
     * @return list<int>
     */
    public static function among(FoundLeaf $leaf, array $classes): array
    {
        $dark = self::line($leaf, $classes);
        if ($dark === null) {
            return [];
        }
        $on = array_fill(0, count($leaf->blade->on), false);
        foreach ($classes as $i => $class) {
            $on[$i] = $class === Tissue::Healthy && log(max(1e-4, $leaf->colours->luminance[$i])) < $dark;
        }
        $patches = (new Mask($leaf->blade->width, $leaf->blade->height, array_values($on)))->opened(PhotoLines::THIN['value']);
        $points = array_values(array_filter(array_keys(array_filter($patches->closed(PhotoLines::VEIN['value'])->on)), static fn(int $i): bool => ($classes[$i] ?? null) === Tissue::Healthy));

        return count($points) < PhotoLines::WET_LEAST['value'] * count($classes) ? [] : $points;
    }

    /**
     * @param array<int, Tissue> $classes
     *
     * @return float|null logarithm of the luminance below which tissue is wet; null where nothing stands apart
     */
    private static function line(FoundLeaf $leaf, array $classes): ?float
    {
        $bins = array_fill(0, self::BINS, 0.0);
        foreach ($classes as $i => $class) {
            // Cream and pale veins would be one more peak of light.
            if ($class === Tissue::Healthy && $leaf->healthy->away($leaf->colours->hue[$i]) < PhotoLines::ALIVE['value'] && $leaf->colours->lightness[$i] < PhotoLines::NOT_GREEN['value']) {
                ++$bins[max(0, min(self::BINS - 1, (int) ((log(max(1e-3, $leaf->colours->luminance[$i])) + 7.0) / self::BIN)))];
            }
        }
        $smooth = [];
        foreach ($bins as $k => $n) {
            $smooth[$k] = (($bins[$k - 2] ?? 0.0) + 2.0 * ($bins[$k - 1] ?? 0.0) + 3.0 * $n + 2.0 * ($bins[$k + 1] ?? 0.0) + ($bins[$k + 2] ?? 0.0)) / 9.0;
        }
        $best = null;
        $deepest = PhotoLines::WET_VALLEY['value'];
        $apart = (int) round(PhotoLines::WET_DARKER['value'] / self::BIN);
        $all = array_sum($bins);
        for ($v = 1; $v < self::BINS - 1; ++$v) {
            [$dark, $low] = self::peak($smooth, 0, $v - 1);
            [$light, $high] = self::peak($smooth, $v + 1, self::BINS - 1);
            $below = array_sum(array_slice($bins, 0, $v));
            $lower = min($low, $high);
            $stands = $lower > 0.0 && $light - $dark >= $apart && $below > PhotoLines::WET_LEAST['value'] * $all && $all - $below > PhotoLines::WET_BESIDE['value'] * $all;
            if ($stands && $smooth[$v] / $lower < $deepest) {
                [$deepest, $best] = [$smooth[$v] / $lower, $v];
            }
        }

        return $best === null ? null : ($best + 0.5) * self::BIN - 7.0;
    }

    /**
     * @param array<int, float> $bins
     *
     * @return array{int, float} place and height of the highest
     */
    private static function peak(array $bins, int $from, int $to): array
    {
        $best = [$from, 0.0];
        for ($k = $from; $k <= $to; ++$k) {
            $best = ($bins[$k] ?? 0.0) > $best[1] ? [$k, $bins[$k] ?? 0.0] : $best;
        }

        return $best;
    }
}
