<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** Works out what stands in a sprayer after something is poured off and something is added. */
final class Tank
{
    /**
     * @param array<string, float> $add   mL by key of the load's item
     * @param float                 $water mL added
     */
    public static function after(Mixture $mixture, Load $load, array $add, float $water, float $pourOff): Mixture
    {
        $finished = $mixture->finished();
        $left = $mixture->times($finished > 0.0 ? max(0.0, 1.0 - $pourOff / $finished) : 1.0);
        $parts = $left->parts;
        foreach ($add as $key => $millilitres) {
            array_push($parts, ...self::partsOf($load, $load->items[$key], $millilitres));
        }

        return new Mixture($left->water + $water, $parts, $left->pours);
    }

    /** @return list<Part> what so many mL of an item bring */
    private static function partsOf(Load $load, Item $item, float $millilitres): array
    {
        $ratio = $item->millilitres() > 0.0 ? $millilitres / $item->millilitres() : 0.0;

        return array_map(static fn(Part $part): Part => $part->times($ratio)->inPour(null), $load->partsOf($item));
    }
}
