<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;

/** Works out what stands in a sprayer after something is poured off and something is added. */
final class Tank
{
    /**
     * @param array<int, ScoopPlan> $add   by index of the load's item
     * @param float                 $water mL added
     */
    public static function after(Mixture $mixture, Load $load, array $add, float $water, float $pourOff): Mixture
    {
        $finished = $mixture->finished();
        $left = $mixture->times($finished > 0.0 ? max(0.0, 1.0 - $pourOff / $finished) : 1.0);
        $parts = $left->parts;
        foreach ($add as $i => $plan) {
            array_push($parts, ...self::partsOf($load, $i, $plan->millilitres()));
        }

        return new Mixture($left->water + $water, $parts, $left->pours);
    }

    /** @return list<Part> what so many mL of an item bring */
    private static function partsOf(Load $load, int $index, float $millilitres): array
    {
        $item = $load->items[$index];
        $ratio = $item->millilitres() > 0.0 ? $millilitres / $item->millilitres() : 0.0;
        if ($item->part !== null) {
            return [$item->part->times($ratio)];
        }
        $pour = $index - count(array_filter($load->items, static fn(Item $one): bool => $one->part !== null));
        $brought = array_filter($load->mixture->parts, static fn(Part $part): bool => $part->pour === $pour);

        return array_values(array_map(static fn(Part $part): Part => $part->times($ratio)->inPour(null), $brought));
    }
}
