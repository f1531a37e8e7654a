<?php

declare(strict_types=1);

namespace IdleMixer\Core\Photo;

use IdleMixer\Core\Data\PhotoLines;

/** Measures the hurt share of one leaf on plain paper. */
final class LeafPhoto
{
    /** @throws RefusedPicture where there is nothing to measure */
    public static function measure(Pixels $pixels, Reading $reading = new Reading()): Measured
    {
        $leaf = LeafFinder::find($pixels);
        [$classes, $shares] = TissueMap::of($leaf, $reading);
        $counts = [];
        foreach ($classes as $class) {
            $counts[$class->code()] = ($counts[$class->code()] ?? 0) + 1;
        }
        $all = max(1, count($classes) - ($counts[Tissue::LeftOut->code()] ?? 0));
        $tissue = [];
        foreach (Tissue::told() as $one) {
            $tissue[$one->code()] = 100.0 * ($counts[$one->code()] ?? 0) / $all;
        }
        $injured = 100.0 - $tissue[Tissue::Healthy->code()];
        $injured = $injured < PhotoLines::NOTHING['value'] ? 0.0 : $injured;
        [$fewer, $kept, $more] = $shares;
        $below = 100.0 * max(0.0, $kept - min($fewer, $more));
        $above = 100.0 * max(0.0, max($fewer, $more) - $kept);
        $room = PhotoLines::LEAST_RANGE['value'] + PhotoLines::RANGE_OF_SHARE['value'] * $injured;
        $doubts = Doubts::of($leaf, $classes, 2.0 * $room + $below + $above);
        $room *= $doubts === [] ? 1.0 : PhotoLines::DOUBT_WIDER['value'];

        return new Measured($injured, max(0.0, $injured - $room - $below), min(100.0, $injured + $room + $above), $tissue, $doubts, new TissuePicture($pixels->width, $pixels->height, $classes));
    }
}
