<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;
use IdleMixer\Core\Work\Steps;

/** @return list<Step> */
function stepsOf(string $order, string $use = 'foliar'): array
{
    $recipe = Plans::recipe([
        ['ingredient' => 'baking-soda', 'amount' => 1, 'unit' => '[tsp_us]'],
        ['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tsp_us]'],
        ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => '[tsp_us]'],
    ], $use === 'stock' ? null : ['amount' => 1, 'unit' => 'L', 'of' => 'water'], $use, $order);

    return Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']])->groups[0]->steps;
}

/** @return list<string> code, and what goes in */
function shape(string $order): array
{
    $names = ['baking-soda' => 'soda', 'neem-oil' => 'oil', 'castile-soap' => 'soap'];

    return array_map(static fn(Step $step): string => $step->code . ($step->item === null ? '' : ' ' . $names[$step->item]), stepsOf($order));
}

// Common practice, no source: the schools of mixing and what each does first.
it('lets the soap meet the water before the oil', function (): void {
    expect(shape('soap-then-oil'))->toBe(['first-water', 'add-tank soda', 'add-tank soap', 'swirl', 'add-tank oil', 'top-up', 'shake-hard', 'stand-test', 'label']);
});

it('whips oil and emulsifier with a splash before the rest of the water', function (): void {
    expect(shape('emulsifier-first'))->toBe(['add-jar oil', 'add-jar soap', 'splash', 'whip', 'first-water', 'add-tank soda', 'let-down', 'top-up', 'swirl', 'stand-test', 'label']);
});

it('premixes in a cup, then pours into a part-filled sprayer', function (): void {
    expect(shape('cup-premix'))->toBe(['cup-water', 'add-cup soda', 'add-cup soap', 'add-cup oil', 'stir-cup', 'part-fill', 'pour-cup', 'top-up', 'shake-hard', 'stand-test', 'label']);
});

it('blends without water', function (): void {
    expect(shape('blender'))->toBe(['add-blender soda', 'add-blender oil', 'add-blender soap', 'blend', 'first-water', 'stir-milky', 'top-up', 'stand-test', 'label']);
});

it('puts all in and shakes', function (): void {
    expect(shape('all-together'))->toBe(['first-water', 'add-tank soda', 'add-tank oil', 'add-tank soap', 'top-up', 'shake-hard', 'stand-test', 'label']);
});

it('has no water and no stand test in a stock', function (): void {
    $codes = array_map(static fn(Step $step): string => $step->code, stepsOf('all-together', 'stock'));

    expect($codes)->toBe(['add-jar', 'add-jar', 'add-jar', 'shake-jar', 'label-stock']);
});

it('measures out every item once, never overfills, and ends at the mark', function (string $slug): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $load = Load::of(Plans::shipped($slug, 1.0, '[gal_us]')->whole, Kit::kitchen()->planner());
    foreach (MixingOrder::cases() as $order) {
        $steps = Steps::of($load, $order, $recipe->use);
        $items = array_values(array_filter(array_map(static fn(Step $step): ?string => $step->item, $steps), static fn(?string $item): bool => $item !== null));
        expect($items)->toEqualCanonicalizing(array_keys($load->items));
        $before = 0.0;
        foreach ($steps as $step) {
            expect($step->levelAfter)->toBeGreaterThanOrEqual($before - 1e-9)->toBeLessThanOrEqual($load->mixture->finished() + 1e-9);
            $before = $step->levelAfter;
        }
        expect($before)->toEqualWithDelta($load->mixture->finished(), 1e-9);
    }
})->with(RecipeCatalogue::shipped()->slugs());

it('asks for no stand test where there is no oil', function (): void {
    $codes = array_map(static fn(Step $step): string => $step->code, Plans::shipped('mild-soap', 1.0, 'L')->groups[0]->steps);

    expect($codes)->not->toContain('stand-test', 'shake-hard')->toContain('shake-gently');
});

it('leaves room: the sprayer is never full before the last of the lines is in', function (): void {
    // Common practice, no source: filled to the brim first, a quarter cup a gallon finds no room.
    $plan = Plans::shipped('orchard-neem', 4.0, '[gal_us]');
    foreach ($plan->groups[0]->steps as $step) {
        if ($step->item !== null) {
            expect($step->levelAfter)->toBeLessThan($plan->whole->finished());
        }
    }
});
