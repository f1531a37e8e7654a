<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;
use IdleMixer\Core\Words\Say;

/** Why a figure from a photograph is unsure. */
final class Doubts
{
    /**
     * @param array<int, Tissue> $classes
     *
     * @return list<string>
     */
    public static function of(FoundLeaf $leaf, array $classes, float $range): array
    {
        $out = count(array_filter($classes, static fn(Tissue $one): bool => $one === Tissue::LeftOut));
        $soft = $leaf->shade->depth < 1.0 && $leaf->shade->soft > PhotoLines::SOFT_EDGE['value'];

        return array_values(array_filter([
            $out > PhotoLines::GLARE_SHARE['value'] * count($classes) ? Say::it('photo/doubts.light-glares-on-leaf-what') : null,
            $soft ? Say::it('photo/doubts.soft-shadow-falls-across-may') : null,
            ! $soft && $leaf->shade->error > PhotoLines::UNEVEN['value'] ? Say::it('photo/doubts.light-on-paper-uneven') : null,
            $leaf->paper->isColoured() ? Say::it('photo/doubts.paper-coloured-white-paper-shows') : null,
            $leaf->cut > PhotoLines::CUT['value'] ? Say::it('photo/doubts.part-of-leaf-cut-off') : null,
            $range > PhotoLines::UNSURE_RANGE['value'] ? Say::it('photo/doubts.hurt-and-healthy-run-into') : null,
        ], is_string(...)));
    }
}
