<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;

/*
 * Every shipped spray in the volumes that people fill: a pint-sized trigger bottle, a litre, a quart, a gallon, five litres, two
 * gallons (common practice, no source), with what a kitchen is taken to have. What a spoon comes within is tried one by one here.
 */

/** @return array<string, array{string, float}> slug, mL */
function spraysByVolume(): array
{
    $all = [];
    foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
        if (RecipeCatalogue::shipped()->get($slug)->use === RecipeUse::Stock) {
            continue;
        }
        foreach (['500 mL' => 500.0, '1 L' => 1000.0, '1 qt' => 946.352946, '1 gal' => 3785.411784, '5 L' => 5000.0, '2 gal' => 7570.823568] as $name => $ml) {
            $all["{$slug}, {$name}"] = [$slug, $ml];
        }
    }

    return $all;
}

/** Whether at most five fills of these come within a tenth, tried one by one. */
function fiveFillsComeNear(float $wanted, int $left, float $sum, int $from): bool
{
    if ($sum > 0.0 && abs($sum - $wanted) <= 0.1 * $wanted) {
        return true;
    }
    $sizes = [946.352946, 236.5882365, 118.29411825, 59.147059125, 14.78676478125, 4.92892159375, 2.464460796875, 1.2322303984375, 0.61611519921875, 1.0, 0.75, 0.5, 0.25];
    for ($i = $from; $left > 0 && $i < count($sizes); ++$i) {
        if ($sum + $sizes[$i] <= 1.1 * $wanted && fiveFillsComeNear($wanted, $left - 1, $sum + $sizes[$i], $i)) {
            return true;
        }
    }

    return false;
}

it('takes at most eight moves a line, and no drops where a spoon comes within a tenth', function (string $slug, float $ml): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $whole = (new Formulator())->scaledTo(Volume::ofMillilitres($ml), $recipe, false, 1.0, '/recipe');
    expect($whole->parts)->not->toBeEmpty();
    foreach ($whole->parts as $part) {
        // An egg is counted, and what comes with a stock is not measured by itself.
        if ($part->ingredient->pieceVolume !== null || $part->pour !== null) {
            continue;
        }
        $plan = Kit::kitchen()->planner()->plan($part->millilitres, null, ! $part->ingredient->substance->isLiquid());
        $drops = array_filter($plan->scoops, static fn(Scoop $scoop): bool => $scoop->measure->amount->unit === Unit::Drop);
        expect($plan->count())->toBeLessThanOrEqual(8, $part->ingredient->slug)
            ->and($drops !== [] && fiveFillsComeNear($part->millilitres, 5, 0.0, 0))->toBeFalse("{$part->ingredient->slug}, {$part->millilitres} mL")
            // Within a tenth, or half of a drop.
            ->and(abs($plan->millilitres() - $part->millilitres))->toBeLessThan(max(0.1 * $part->millilitres, 0.025) + 1e-9, $part->ingredient->slug);
    }
})->with(spraysByVolume());

it('has twenty four sprays to try, and more', function (): void {
    expect(count(array_unique(array_column(spraysByVolume(), 0))))->toBeGreaterThanOrEqual(24);
});

it('takes of equally few scoops those without a drop', function (): void {
    // 1.3 mL: a quarter teaspoon and a drop, or an eighth and three quarters of a mL: two scoops each.
    $measures = array_map(Measure::holding(...), [Amount::of(0.25, Unit::UsTeaspoon), Amount::of(0.125, Unit::UsTeaspoon), Amount::of(0.75, Unit::Millilitre), Amount::of(1.0, Unit::Drop)]);
    $plan = (new Kit($measures, null))->planner()->plan(1.3044);
    expect(array_map(static fn(Scoop $scoop): Unit => $scoop->measure->amount->unit, $plan->scoops))->not->toContain(Unit::Drop)->and($plan->count())->toBe(2);
});
