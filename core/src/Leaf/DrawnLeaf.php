<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/**
 * A leaf that is drawn with a known share of injury: places are 0 to 1 from the top left of a square.
 *
 * @phpstan-type Polygon list<array{float, float}>
 */
final readonly class DrawnLeaf
{
    /**
     * @param list<Polygon> $outline one, or one for each leaflet
     * @param list<Polygon> $veins   lines
     * @param list<Polygon> $patches what is hurt: clipped by the outline
     * @param float         $share   percent of the leaf that the patches cover
     */
    public function __construct(public array $outline, public array $veins, public array $patches, public float $share) {}

    /**
     * @param list<Polygon> $shapes
     *
     * @return string as the path of an SVG, in hundredths
     */
    public static function path(array $shapes, bool $closed): string
    {
        $parts = [];
        foreach ($shapes as $points) {
            $parts[] = 'M' . implode('L', array_map(static fn(array $point): string => round(100.0 * $point[0], 1) . ' ' . round(100.0 * $point[1], 1), $points)) . ($closed ? 'Z' : '');
        }

        return implode('', $parts);
    }
}
