<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** Glare is pale like bleached tissue, but fades in: a bleached patch and a hole have an edge. */
final class Glare
{
    /**
     * @param array<int, Tissue> $classes
     *
     * @return list<int>
     */
    public static function points(FoundLeaf $leaf, array $classes): array
    {
        $pale = array_fill(0, count($leaf->blade->on), false);
        foreach ($classes as $i => $class) {
            $pale[$i] = $class === Tissue::Missing || ($class === Tissue::Bleached && ($leaf->colours->chroma[$i] < PhotoLines::GLARE_CHROMA['value'] || $leaf->colours->hue[$i] > PhotoLines::CREAM_HUE['value']));
        }
        $mask = new Mask($leaf->blade->width, $leaf->blade->height, array_values($pale));
        $found = [];
        foreach ($mask->pieces() as $piece) {
            if (count($piece) > PhotoLines::SPECK['value'] && self::fadesIn($leaf, $classes, $piece)) {
                array_push($found, ...$piece);
            }
        }

        return $found;
    }

    /**
     * @param array<int, Tissue> $classes
     * @param list<int>          $piece
     */
    private static function fadesIn(FoundLeaf $leaf, array $classes, array $piece): bool
    {
        $lightness = $leaf->colours->lightness;
        $own = array_fill_keys($piece, true);
        $reach = PhotoLines::EDGE_REACH['value'];
        $step = 0.0;
        $rise = 0.0;
        $count = 0;
        foreach ($piece as $i) {
            foreach ([-1, 1, -$leaf->blade->width, $leaf->blade->width] as $way) {
                $in = $i - $reach * $way;
                $out = $i + $reach * $way;
                if (! isset($own[$i + $way]) && isset($own[$in]) && ($classes[$out] ?? null) === Tissue::Healthy) {
                    $step += $lightness[$in] - $lightness[$out];
                    $rise += $lightness[$in];
                    ++$count;
                }
            }
        }
        // What is too small to have an inside is no glare.
        $full = $count === 0 ? 0.0 : $rise / $count - $leaf->healthy->lightness;

        return $count > PhotoLines::SPECK['value'] && $full > 0.0 && $step / $count < PhotoLines::FADED['value'] * $full;
    }
}
