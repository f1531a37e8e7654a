<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** The cream of a variegated leaf: pale as bleached tissue, greener, and in patches. */
final class Cream
{
    /** Whether a point has the colour of cream, be it healthy or not. */
    public static function isCream(Colours $colours, int $i): bool
    {
        return $colours->hue[$i] > PhotoLines::CREAM_HUE['value'] && $colours->hue[$i] < PhotoLines::CREAM_TO['value'] && $colours->lightness[$i] > PhotoLines::CREAM_LIGHT['value'] && $colours->chroma[$i] > PhotoLines::CREAM_CHROMA['value'];
    }

    /**
     * @param array<int, Tissue> $classes
     *
     * @return list<int>
     */
    public static function among(FoundLeaf $leaf, array $classes): array
    {
        $colours = $leaf->colours;
        $on = array_fill(0, count($leaf->blade->on), false);
        foreach ($classes as $i => $class) {
            // The line between hurt and healthy runs through cream: a patch is made of what lies on either side.
            $on[$i] = ($class === Tissue::Bleached || $class === Tissue::Healthy) && ! $leaf->healthy->purple && self::isCream($colours, $i);
        }
        $mask = new Mask($leaf->blade->width, $leaf->blade->height, array_values($on));
        $wide = $mask->closed(PhotoLines::CREAM_GAP['value'])->opened(PhotoLines::CREAM_WIDE['value']);
        // A leaf with one such patch is variegated, and its smaller ones are cream as well.
        if (count($wide->pieces()[0] ?? []) < PhotoLines::CREAM_LEAST['value'] * count($classes)) {
            return [];
        }
        $all = array_map(static fn(bool $one, bool $other): bool => $one || $other, $mask->on, $wide->on);

        return array_values(array_filter(array_keys(array_filter($all)), static fn(int $i): bool => ($classes[$i] ?? null) === Tissue::Bleached || ($classes[$i] ?? null) === Tissue::Yellow));
    }
}
