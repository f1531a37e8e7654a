<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;
use IdleMixer\Core\Work\StepCode;
use IdleMixer\Core\Work\Steps;
use IdleMixer\Core\Writing\PlanWriter;

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

    return array_map(static fn(Step $step): string => $step->code->value . ($step->item === null ? '' : ' ' . $names[$step->item]), stepsOf($order));
}

/** What is done with neem before anything is poured, and after it is mixed: common practice, no source. */
const MIXED_AFTER = ['protect', 'old-rest', 'warm-neem'];
const DONE_AFTER = ['stand-test', 'label', 'wash-sprayer'];

// Common practice, no source: the schools of mixing and what each does first.
it('lets the soap meet the water before the oil', function (): void {
    expect(shape('soap-then-oil'))->toBe([...MIXED_AFTER, 'first-water', 'add-tank soda', 'add-tank soap', 'swirl', 'add-tank oil', 'shake-hard', 'top-up', ...DONE_AFTER]);
});

it('whips oil and emulsifier with a splash before the rest of the water', function (): void {
    expect(shape('emulsifier-first'))->toBe([...MIXED_AFTER, 'add-jar oil', 'add-jar soap', 'splash', 'first-water', 'add-tank soda', 'let-down', 'top-up', ...DONE_AFTER]);
});

it('premixes in a cup, then pours into a part-filled sprayer', function (): void {
    expect(shape('cup-premix'))->toBe([...MIXED_AFTER, 'cup-water', 'add-cup soda', 'add-cup soap', 'add-cup oil', 'stir-cup', 'part-fill', 'pour-cup', 'shake-hard', 'top-up', ...DONE_AFTER]);
});

// A cup of 250 mL, and of a small load half of its water: by hand, 300 mL with 2 mL of oil and 1 mL of soap to the litre hold 299.1 mL of it.
it('premixes in a cup of water, and in half of it where there is less', function (float $litres, float $cup): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'foliar', 'cup-premix');
    $steps = array_filter(Plans::of(['recipe' => $recipe, 'make' => ['amount' => $litres, 'unit' => 'L']])->groups[0]->steps, static fn(Step $step): bool => $step->code === StepCode::CupWater);
    expect(array_values($steps)[0]->args['mL'] ?? 0.0)->toEqualWithDelta($cup, 0.05);
})->with([[2.0, 250.0], [0.3, 149.55]]);

it('blends without water', function (): void {
    expect(shape('blender'))->toBe([...MIXED_AFTER, 'add-blender soda', 'add-blender oil', 'add-blender soap', 'blend', 'first-water', 'stir-milky', 'top-up', ...DONE_AFTER]);
});

it('puts all in and shakes', function (): void {
    expect(shape('all-together'))->toBe([...MIXED_AFTER, 'first-water', 'add-tank soda', 'add-tank oil', 'add-tank soap', 'shake-hard', 'top-up', ...DONE_AFTER]);
});

it('has no water and no stand test in a stock', function (): void {
    $codes = array_map(static fn(Step $step): string => $step->code->value, stepsOf('all-together', 'stock'));

    expect($codes)->toBe(['protect', 'warm-neem', 'add-jar', 'add-jar', 'add-jar', 'shake-jar', 'label-stock']);
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
    $codes = array_map(static fn(Step $step): string => $step->code->value, Plans::shipped('mild-soap', 1.0, 'L')->groups[0]->steps);

    expect($codes)->not->toContain('stand-test', 'shake-hard', 'warm-neem')->toContain('top-up');
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

/**
 * @param array<string, mixed> $more
 *
 * @return list<string>
 */
function saidFor(string $slug, array $more = []): array
{
    return PlanWriter::shipped()->write(Plans::shipped($slug, 2.0, '[gal_us]', ['sprayer' => ['amount' => 1.25, 'unit' => '[gal_us]'], ...$more]))->steps;
}

// Common practice, no source.
it('makes a stock first, with its own steps, label and keeping', function (string $slug, string $stock, string $keeps): void {
    $steps = saidFor($slug);
    $at = static fn(string $words): int => (int) array_key_first(array_filter($steps, static fn(string $step): bool => str_contains($step, $words)));
    expect($at("{$stock} comes first"))->toBeLessThan($at("Label the jar: “{$stock}”"))
        ->and($at("Label the jar: “{$stock}”"))->toBeLessThan($at("of {$stock} to the sprayer"))
        ->and($steps[$at("Label the jar: “{$stock}”")])->toContain($keeps)
        ->and(count(array_filter($steps, static fn(string $step): bool => str_contains($step, 'comes first'))))->toBe(1);
})->with([
    ['kitchen-oil-by-the-quart', 'Mild kitchen-oil stock', '60 days'],
    ['mint-oil-by-the-cup', 'Mint kitchen-oil stock', '60 days'],
    ['egg-and-oil-milk', 'Egg and oil mayonnaise', '8 hours'],
]);

it('shakes while there is room, then tops up to the mark and turns it over', function (): void {
    foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
        $codes = array_map(static fn(Step $step): string => $step->code->value, Plans::shipped($slug, 1.0, 'L')->groups[0]->steps);
        $shake = array_search('shake-hard', $codes, true);
        $top = array_search('top-up', $codes, true);
        expect($shake === false || $shake < $top)->toBeTrue($slug);
        foreach (Plans::shipped($slug, 1.0, 'L')->groups[0]->steps as $step) {
            expect($step->code !== StepCode::TopUp || str_contains(Sentences::shipped()->step($step, Plans::shipped($slug, 1.0, 'L')->groups[0]->load, Unit::Litre), 'close it and turn it over'))->toBeTrue($slug);
        }
    }
});

it('mixes a swab in a jar, and what gives off gas in an open vessel', function (): void {
    expect(implode(' ', saidFor('half-alcohol-swab')))->not->toContain('sprayer')->toContain('jar with a lid')
        ->and(implode(' ', saidFor('peroxide-in-turn')))->not->toContain('Close it')->toContain('open jug', 'leave it open', 'Use it at once and keep nothing');
    $gas = Plans::of(['recipe' => Plans::recipe([['ingredient' => 'hydrogen-peroxide', 'amount' => 100, 'unit' => 'mL'], ['ingredient' => 'baking-soda', 'amount' => 5, 'unit' => 'g']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);
    expect(implode(' ', PlanWriter::shipped()->write($gas)->steps))->not->toContain('Close it', 'turn it over')->toContain('leave it open')
        ->and($gas->holding->patient->value)->toBe(1.0);
});

it('asks for a rest before the first step, warms the neem, and washes the sprayer at the end', function (): void {
    $steps = saidFor('neem-leaf-quart');
    expect($steps[0])->toContain('Gloves and glasses')->and($steps[1])->toContain('rest of an old batch')->and($steps[2])->toContain('18 °C', 'warm water')
        ->and($steps[count($steps) - 1])->toContain('wash the sprayer', 'away from drains')
        ->and(count(array_filter($steps, static fn(string $step): bool => str_contains($step, 'Gloves'))))->toBe(1);
});

it('names no mark that nobody can read, and the cups and bottles of the own system', function (string $unit, string $roughly): void {
    $steps = PlanWriter::shipped()->write(Plans::shipped('neem-leaf-quart', 1.0, $unit, ['sprayer' => ['amount' => 1, 'unit' => $unit]]))->steps;
    $first = array_values(array_filter($steps, static fn(string $step): bool => str_contains($step, 'half mark')))[0] ?? '';
    expect($first)->toContain('just under the half mark', $roughly);
})->with([['[gal_us]', 'about 8 cups (1.87 L)'], ['L', 'about 500 mL'], ['[gal_br]', 'imp pt'], ['[qt_us]', 'about 2 cups']]);

// The house's own: where half of the water comes within a twentieth of the half mark, nobody sees a difference.
it('goes by the half mark only where the half is there', function (float $litres, bool $marked): void {
    $steps = array_column(Plans::shipped('neem-leaf-quart', $litres, 'L', ['sprayer' => ['amount' => 1, 'unit' => 'L']])->groups[0]->steps, 'code');
    expect(in_array(StepCode::FirstWaterHalf, $steps, true))->toBe($marked)->and(in_array(StepCode::FirstWater, $steps, true))->toBe(! $marked);
})->with([[1.0, true], [0.96, true], [0.945, false], [0.5, false]]);

// Common practice, no source: a bucket, a jug and a can stand open, so what is in them is stirred and never closed or shaken; the premix of a
// cup and of a jar is let down into them the same way. A dry powder of soap bark is soaked before it is measured.
it('stirs what stands open, and closes nothing that cannot be closed', function (string $recipe, array $more, array $codes): void {
    /** @var array<string, mixed> $more */
    $steps = Plans::shipped($recipe, 4, 'L', $more)->groups[0]->steps;
    expect(array_map(static fn(Step $step): string => $step->code->value, $steps))->toBe($codes);
    foreach ($steps as $step) {
        $words = Say::words('steps')[$step->code->value] ?? null;
        assert(is_string($words));
        expect(preg_match('/\bclose it\b|the sprayer slowly/i', $words))->toBe(0, $words);
    }
    // Half the water, the lines, and to the mark: as much stands in it in the end as in a sprayer.
    expect(array_reduce($steps, static fn(float $most, Step $step): float => max($most, $step->levelAfter), 0.0))->toBeGreaterThan(3900.0);
})->with([
    'whipped neem for a small sprayer, mixed in a bucket' => ['true-neem-emulsion', ['inBucket' => true], ['protect', 'warm-neem', 'soak-bark', 'add-jar', 'add-jar', 'splash', 'open-water', 'let-down-open', 'open-top-up', 'stand-test', 'label', 'wash-sprayer']],
    'a drench, in its can' => ['empty-bed-neem-drench', [], ['protect', 'warm-neem', 'open-water', 'add-open', 'add-open', 'whisk-open', 'open-top-up', 'stand-test', 'label', 'wash-can']],
    'a premix in a cup, into a bucket' => ['soda-leaf-spray', ['inBucket' => true], ['protect', 'cup-water', 'add-cup', 'add-cup', 'add-cup', 'stir-cup', 'open-water', 'pour-cup-open', 'whisk-open', 'open-top-up', 'stand-test', 'label', 'wash-sprayer']],
]);
