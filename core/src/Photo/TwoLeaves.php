<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Words\Say;

/** Tells two leaves that touch from one: two alike bodies and a narrow neck, where a leaf with lobes or leaflets has many or one. */
final class TwoLeaves
{
    /** @throws RefusedPicture where there are two */
    public static function refuse(Mask $whole): void
    {
        // Necks are told as well at half the size, in a quarter of the time.
        $blade = $whole->halved();
        $deep = $blade->distances();
        $most = self::deepest($deep, array_keys($deep));
        $two = false;
        for ($share = 0.1; $share <= PhotoLines::NECK['value']; $share += 0.05) {
            $bodies = self::bodies($blade, $deep, $share * $most);
            $all = array_sum(array_column($bodies, 0));
            $some = array_filter($bodies, static fn(array $one): bool => $one[0] > PhotoLines::LEAFLET['value'] * $all && $one[1] > PhotoLines::LEAFLET_DEEP['value'] * $most);
            if (count($some) > 2) {
                return;
            }
            $alike = array_filter($bodies, static fn(array $one): bool => $one[0] > PhotoLines::ALIKE_AREA['value'] * $all && $one[1] > PhotoLines::ALIKE['value'] * $most);
            $two = $two || count($alike) === 2;
        }
        if ($two) {
            throw RefusedPicture::because('touching', Say::it('photo/two-leaves.touching'));
        }
    }

    /**
     * @param list<float> $deep
     *
     * @return list<array{int, float}> area and depth of each piece that lies deeper than the cut
     */
    private static function bodies(Mask $blade, array $deep, float $cut): array
    {
        $core = new Mask($blade->width, $blade->height, array_map(static fn(float $d): bool => $d > $cut, $deep));

        return array_map(static fn(array $piece): array => [count($piece), self::deepest($deep, $piece)], $core->pieces());
    }

    /**
     * @param list<float> $deep
     * @param list<int>   $points
     */
    private static function deepest(array $deep, array $points): float
    {
        $most = 0.0;
        foreach ($points as $i) {
            $most = max($most, $deep[$i] ?? 0.0);
        }

        return $most;
    }
}
