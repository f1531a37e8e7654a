<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\UnitNames;
use IdleMixer\Core\Words\Say;

/** Amounts in the words of the kitchen: spoons first, millilitres second. */
final class Measures
{
    public static function amount(Amount $amount): string
    {
        return Figures::kitchen($amount->value) . ' ' . UnitNames::spoken($amount->unit, $amount->value > 1.0);
    }

    /** "½ cup of vegetable oil", "2 eggs". */
    public static function amountOf(Amount $amount, string $name): string
    {
        return $amount->unit === Unit::One ? Figures::kitchen($amount->value) . " {$name}" . ($amount->value > 1.0 ? 's' : '') : Say::it('wording/measures.of', ['amount' => self::amount($amount), 'name' => $name]);
    }

    /** What the household calls it, else by its size: “blue spoon”, “½ tsp”. */
    public static function measure(Measure $measure): string
    {
        $words = $measure->name === '' ? self::amount($measure->amount) : $measure->name;

        return $measure->share < 1.0 ? Say::it('wording/measures.thinned', ['scoop' => $words]) : $words;
    }

    /** “2 tbsp”, “3 × ½ tsp”, “6 × blue spoon”. */
    public static function scoop(Scoop $scoop): string
    {
        $words = self::counted($scoop->count, $scoop->measure->amount->value, $scoop->measure->amount->unit, $scoop->measure->name);

        return $scoop->measure->share < 1.0 ? Say::it('wording/measures.thinned', ['scoop' => $words]) : $words;
    }

    /** So many of a measure; on a scale, what it has to show. */
    public static function counted(int $count, float $amount, Unit $unit, string $name = ''): string
    {
        if ($unit === Unit::One) {
            return (string) $count;
        }
        if ($unit->dimension() === Dimension::Mass) {
            return Say::it('wording/measures.on-scale', ['count' => Figures::short($count * $amount), 'unit' => UnitNames::spoken($unit)]);
        }
        if ($name === '' && $amount === 1.0) {
            return $count . ' ' . UnitNames::spoken($unit, $count > 1);
        }

        return ($count > 1 ? $count . ' × ' : '') . ($name === '' ? self::amount(Amount::of($amount, $unit)) : $name);
    }

    /** "2 tbsp + 1 tsp". */
    public static function scoops(ScoopPlan $plan): string
    {
        return implode(' + ', array_map(self::scoop(...), $plan->scoops));
    }

    /** "2 tbsp of neem oil", "2 eggs". */
    public static function of(ScoopPlan $plan, string $name): string
    {
        $pieces = ($plan->scoops[0] ?? null)?->measure->amount->unit === Unit::One;

        return $pieces ? $plan->count() . ' ' . $name . ($plan->count() > 1 ? 's' : '') : Say::it('wording/measures.of.of', ['scoops' => self::scoops($plan), 'name' => $name]);
    }

    /** The same, and that it is only near where nothing comes within tolerance. */
    public static function nearest(ScoopPlan $plan): string
    {
        return self::scoops($plan) . ($plan->isWithinTolerance() ? '' : Say::it('wording/measures.as-near-as-your-measures'));
    }

    /** A volume that no mark is needed for, by the cups and bottles of the same system: "about 2½ cups". */
    public static function roughly(float $millilitres, Unit $unit): string
    {
        [$large, $small] = match ($unit) {
            Unit::ImperialFluidOunce, Unit::ImperialPint, Unit::ImperialGallon => [Unit::ImperialPint, Unit::ImperialFluidOunce],
            Unit::Millilitre, Unit::Litre, Unit::MetricTeaspoon, Unit::MetricTablespoon => [null, Unit::Millilitre],
            default => [$millilitres >= Unit::UsGallon->factor() ? Unit::UsQuart : Unit::UsCup, Unit::UsTablespoon],
        };
        if ($large !== null && $millilitres >= 0.5 * $large->factor()) {
            $count = round($millilitres / $large->factor() * 4.0) / 4.0;

            return Say::it('wording/measures.about', ['count' => Figures::kitchen($count), 'unit' => UnitNames::spoken($large, $count > 1.0)]);
        }
        if ($small === Unit::UsTablespoon && $millilitres < 1.5 * $small->factor()) {
            $small = Unit::UsTeaspoon;
        }
        $step = $small === Unit::Millilitre && $millilitres >= 100.0 ? 50.0 : 1.0;
        $count = max($step, round($millilitres / $small->factor() / $step) * $step);

        return Say::it('wording/measures.about', ['count' => Figures::short($count), 'unit' => UnitNames::spoken($small, $count > 1.0)]);
    }

    /** mL up to a litre, then L. */
    public static function metric(float $millilitres): string
    {
        // What rounds to a thousand is a litre.
        return $millilitres < 999.5 ? Say::it('wording/measures.ml', ['millilitres' => Figures::short($millilitres)]) : Figures::short($millilitres / 1000.0) . ' L';
    }

    /** A volume in the unit it was asked for in, and in metric: "1½ US gal (5.68 L)". */
    public static function volume(float $millilitres, Unit $unit): string
    {
        $metric = self::metric($millilitres);

        return $unit === Unit::Millilitre || $unit === Unit::Litre
            ? $metric
            : Figures::kitchen($millilitres / $unit->factor()) . ' ' . UnitNames::spoken($unit) . " ({$metric})";
    }
}
