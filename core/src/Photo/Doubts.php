<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

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
            $out > PhotoLines::GLARE_SHARE['value'] * count($classes) ? 'Light glares on the leaf: what lies under it was left out.' : null,
            $soft ? 'A soft shadow falls across: it may look like wet tissue, or hide it.' : null,
            ! $soft && $leaf->shade->error > PhotoLines::UNEVEN['value'] ? 'The light on the paper is uneven.' : null,
            $leaf->paper->isColoured() ? 'The paper is coloured: white paper shows the colours truly.' : null,
            $leaf->cut > PhotoLines::CUT['value'] ? 'A part of the leaf is cut off.' : null,
            $range > PhotoLines::UNSURE_RANGE['value'] ? 'Hurt and healthy run into each other.' : null,
        ]));
    }
}
