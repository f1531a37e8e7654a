<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Work\Item;

/** Ways out where the oil and what holds it do not go together. Common practice, no source. */
final class Held
{
    /** More oil than was planned, which the leaf bears: it wants as much more of what holds it. */
    public static function added(InTheSprayer $at): ?Remedy
    {
        $oil = $holds = 0.0;
        foreach ($at->load->items as $key => $item) {
            [$least, $most] = array_map(static fn(float $ml): float => $ml / max(1e-12, $item->millilitres()), $at->in($key));
            // What is surely in it wants holding; what only may be does not.
            $oil = self::isOil($item) ? max($oil, $least) : $oil;
            $holds = $item->isEmulsifier() ? max($holds, $most) : $holds;
        }
        if ($oil <= 1.0 + ScoopPlan::TOLERANCE || $holds <= 0.0 || $oil <= $holds * (1.0 + ScoopPlan::TOLERANCE)) {
            return null;
        }
        $add = [];
        foreach ($at->load->items as $key => $item) {
            $missing = $item->isEmulsifier() && ! in_array($key, $at->slips->spent, true) ? $item->millilitres() * $oil - $at->in($key)[1] : 0.0;
            $add = $missing > $item->millilitres() * ScoopPlan::TOLERANCE ? [...$add, $key => $missing] : $add;
        }

        return $add === [] ? null : $at->checked(RemedyKind::AddSoap, $at->scooped($add), 0.0);
    }

    /** Nobody knows whether what holds the oil is in, and either way no leaf is harmed by how much: a glass shows it. */
    public static function shown(InTheSprayer $at): ?Remedy
    {
        $unsure = array_filter($at->load->items, static fn(Item $item): bool => $at->in($item->key)[0] < $at->in($item->key)[1]);
        $others = array_filter($unsure, static fn(Item $item): bool => ! $item->isEmulsifier());
        $short = array_filter($at->load->items, static fn(Item $item): bool => ! $item->isEmulsifier() && $at->in($item->key)[0] < $item->millilitres() * (1.0 - ScoopPlan::TOLERANCE));
        $leftOut = array_filter($unsure, static fn(Item $item): bool => $at->in($item->key)[0] < $item->millilitres() * (1.0 - ScoopPlan::TOLERANCE));
        if ($leftOut === [] || $others !== [] || $short !== [] || ! $at->load->hasOil()) {
            return null;
        }

        return $at->checked(RemedyKind::GlassTells, [], 0.0);
    }

    private static function isOil(Item $item): bool
    {
        return $item->part?->ingredient->substance->isOily() ?? false;
    }
}
