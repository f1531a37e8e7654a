<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** Draws which leaf or plant of a trial gets which spray: half and half, in pairs of neighbours, by lot. */
final class Lots
{
    /**
     * @param int $units of both sprays together; an odd one at the end gets either
     *
     * @return list<bool> whether it gets the first spray, by number from the first
     */
    public static function draw(int $seed, int $units): array
    {
        $chance = new Chance($seed);
        $lots = [];
        while (count($lots) < $units) {
            array_push($lots, ...$chance->mixed([true, false]));
        }

        return array_slice($lots, 0, $units);
    }
}
