<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\CommonSprayer;
use IdleMixer\Core\Vessel\NeedTable;

/*
 * What bottles, spoons, plants and soil are reckoned with. Handbook figures are from memory, within the ranges named; the rest is common
 * practice or the house's own, decided once and written down here beside the catalogue.
 */
it('weighs what bottles hold', function (string $slug, float $density, ?float $strength): void {
    $ingredient = IngredientCatalogue::shipped()->get($slug);
    expect($ingredient->density->value)->toEqualWithDelta($density, 0.005)->and($ingredient->defaultStrength?->value)->toBe($strength);
})->with([
    'neem 0.91 to 0.93' => ['neem-oil', 0.92, null], 'vegetable 0.915 to 0.925' => ['vegetable-oil', 0.92, null], 'refined 0.82 to 0.86' => ['horticultural-oil', 0.85, null],
    'light paraffin 0.82 to 0.86' => ['paraffin-oil', 0.84, null], 'castile 1.03' => ['castile-soap', 1.03, null], 'detergent' => ['dish-detergent', 1.03, null], 'soap bark' => ['saponin-extract', 1.03, null],
    'polysorbate 1.10' => ['polysorbate-20', 1.10, null], 'rubbing alcohol of 70 %' => ['isopropyl-alcohol', 0.88, 70.0], 'peroxide of 3 %' => ['hydrogen-peroxide', 1.01, 3.0],
    'soda 4.6 g a teaspoon of 4.93 mL' => ['baking-soda', 0.9333, null], 'peppermint' => ['peppermint-oil', 0.90, null], 'rosemary' => ['rosemary-oil', 0.90, null], 'egg' => ['egg', 1.03, null],
]);

it('offers first what stands in most houses, and all else after it', function (): void {
    // Common practice, no source: whoever has a kitchen has washing-up liquid, oil and soda.
    $all = IngredientCatalogue::shipped()->asInHouses();
    expect(array_slice($all, 0, 6))->toBe(['dish-detergent', 'vegetable-oil', 'baking-soda', 'castile-soap', 'isopropyl-alcohol', 'neem-oil'])
        ->and($all)->toEqualCanonicalizing(IngredientCatalogue::shipped()->slugs())->and(array_unique($all))->toHaveCount(count($all));
});

it('weighs alcohol by the strength on its bottle', function (float $strength, float $density): void {
    // Handbook, from memory, within 0.01; between them in a straight line, neat 0.785 and water 0.998.
    expect(IngredientCatalogue::shipped()->get('isopropyl-alcohol')->bottledAt($strength)->density->value)->toEqualWithDelta($density, 0.001);
})->with([[50.0, 0.93], [70.0, 0.88], [91.0, 0.815], [99.0, 0.786], [60.0, 0.905], [100.0, 0.785], [25.0, 0.964]]);

it('knows how much of what holds oil is active, and when it helps no further', function (string $slug, float $active, float $critical): void {
    // Castile 37 % soap, about 1 mmol/L of 320.6 g/mol; detergent 15 to 30 % and 0.1 to 0.2 g/L; soap bark 10 to 25 % and 0.1 to 0.3; polysorbate 97 % and 0.06 (handbook ranges, from memory).
    $holds = IngredientCatalogue::shipped()->get($slug)->emulsifying;
    expect($holds?->active->value)->toEqualWithDelta($active, 0.001)->and($holds?->critical->value)->toEqualWithDelta($critical, 0.001);
    // What holds no oil has nothing in it that does.
    expect(IngredientCatalogue::shipped()->get('neem-oil')->activeGrams())->toBe(0.0)
        ->and(IngredientCatalogue::shipped()->get($slug)->activeGrams())->toEqualWithDelta($active * IngredientCatalogue::shipped()->get($slug)->density->value, 0.002);
})->with([['castile-soap', 0.37, 0.3206], ['dish-detergent', 0.2, 0.15], ['saponin-extract', 0.18, 0.2], ['polysorbate-20', 0.97, 0.06]]);

it('knows how oil stands against bare water', function (string $slug, float $tension): void {
    // Vegetable, neem and essential oils 20 to 25, paraffin 40 to 50 mN/m (handbook ranges, from memory).
    expect(IngredientCatalogue::shipped()->get($slug)->tension?->value)->toBe($tension);
})->with([['neem-oil', 22.0], ['vegetable-oil', 22.0], ['peppermint-oil', 22.0], ['rosemary-oil', 22.0], ['horticultural-oil', 45.0], ['paraffin-oil', 45.0]]);

it('takes an egg for 50 g without its shell', function (): void {
    // USDA FoodData Central, from memory: a large egg, 50 g; at 1.03 g/mL 48.5 mL.
    expect(IngredientCatalogue::shipped()->get('egg')->millilitres(Amount::of(2.0, Unit::One)))->toEqualWithDelta(97.1, 0.05);
});

it('wets a plant of each size, and soil of each dryness', function (): void {
    // The house's own, to start from; a loam takes up 0.15 to 0.2 of its volume when it is dry (soil handbooks, from memory).
    $table = NeedTable::shipped();
    $plants = array_map(static fn(string $size): float => $table->plant($size)->value, array_combine(array_keys($table->sizes()), array_keys($table->sizes())));
    $soils = array_map(static fn(string $soil): float => $table->soil($soil)->value, array_combine(array_keys($table->soils()), array_keys($table->soils())));
    expect($plants)->toBe(['seedling' => 15.0, 'pot' => 75.0, 'bush' => 250.0, 'shrub' => 600.0, 'tall' => 1200.0, 'tree' => 3000.0])
        ->and($soils)->toBe(['dry' => 0.18, 'dryish' => 0.10, 'moist' => 0.05]);
});

it('sells sprayers and spoons as shops do', function (): void {
    // Common practice, no source: mL of each.
    $sprayers = array_map(static fn(CommonSprayer $one): float => round($one->holds->inBase(), 1), CommonSprayer::shipped());
    $sets = [];
    foreach (SpoonSets::shipped()->slugs() as $slug) {
        $sets[$slug] = array_map(static fn(array $one): array => [round(Amount::of($one['amount'], Unit::from($one['unit']))->inBase(), 2), $one['step']], SpoonSets::shipped()->measures($slug));
    }
    expect($sprayers)->toBe([946.4, 1000.0, 750.0, 3785.4, 5000.0, 15141.6, 10000.0, 10000.0])
        ->and($sets)->toBe([
            'us' => [[14.79, null], [4.93, null], [2.46, null], [1.23, null]],
            'us-cups' => [[236.59, null], [118.29, null], [59.15, null]],
            'uk' => [[15.0, null], [10.0, null], [5.0, null], [2.5, null], [1.25, null]],
            'au' => [[20.0, null], [5.0, null], [2.5, null], [1.25, null]],
            'au-cups' => [[250.0, null], [125.0, null], [62.5, null]],
            'metric' => [[15.0, null], [5.0, null], [2.5, null], [1.25, null]],
            'metric-small' => [[15.0, null], [5.0, null], [2.0, null], [1.0, null]],
            'dropper' => [[1.0, 0.1]],
            'syringe' => [[10.0, 0.5]],
            'jug' => [[500.0, 50.0]],
            // A pound jar of jam holds some 370 mL to the brim, from memory.
            'jam-jar' => [[360.0, 90.0]],
        ]);
});

it('takes a kitchen of which nobody said anything to have what most have', function (): void {
    // A quart jar, US cups and spoons, a dropper by quarters of a mL, drops: common practice, no source.
    expect(array_map(static fn(Measure $one): float => round($one->millilitres, 2), Kit::kitchen()->planner()->measures()))
        ->toBe([946.35, 236.59, 118.29, 59.15, 14.79, 4.93, 2.46, 1.23, 1.0, 0.75, 0.62, 0.5, 0.25, 0.05]);
});

it('makes of a heaped or a scant spoon what it is', function (string $said, float $low, ?float $high): void {
    // Times a level one, wide ranges, the house's own: a powder can be heaped, a liquid only brim.
    $line = PhraseReader::shipped(Kitchen::Metric)->read($said)->lines[0] ?? null;
    $times = $line?->unit?->inBase() ?? 1.0;
    expect(($line->low ?? 0.0) * $times / 5.0)->toEqualWithDelta($low, 1e-6)->and($line?->high === null ? null : $line->high * $times / 5.0)->toEqualWithDelta($high, 1e-6);
})->with([
    ['1 heaped tsp baking soda', 1.5, 2.5], ['1 rounded tsp baking soda', 1.25, 1.75], ['1 scant tsp baking soda', 0.8, 1.0], ['1 generous tsp baking soda', 1.0, 1.5], ['1 small tsp baking soda', 0.5, 1.0],
    ['1 heaped tsp castile soap', 1.0, 1.25], ['1 rounded tsp castile soap', 1.0, 1.25], ['1 scant tsp castile soap', 0.8, 1.0], ['1 generous tsp castile soap', 1.0, 1.25], ['1 small tsp castile soap', 0.5, 1.0],
    // A squirt is 2 to 6 mL.
    ['a big squirt of castile soap', 3.0 / 5.0, 9.0 / 5.0], ['a small squirt of castile soap', 1.0 / 5.0, 4.0 / 5.0],
    ['a heaped squirt of castile soap', 3.0 / 5.0, 15.0 / 5.0], ['a rounded squirt of castile soap', 2.5 / 5.0, 10.5 / 5.0], ['a scant squirt of castile soap', 1.6 / 5.0, 6.0 / 5.0],
]);

it('knows of each leaf what it does not bear', function (): void {
    // Common practice, no source: hairs wilt by alcohol, bloom is stripped, ferns and maples bear no oil.
    $told = [];
    foreach (ToleranceCatalogue::shipped()->slugs() as $slug) {
        $class = ToleranceCatalogue::shipped()->get($slug);
        $told[$slug] = array_keys(array_filter(['hairs' => $class->wiltsByAlcohol, 'bloom' => $class->hasBloom, 'no oil' => $class->bearsNoOil]));
    }
    expect($told['hairy-leaf'])->toBe(['hairs'])->and($told['waxy-bloom-leaf'])->toBe(['bloom'])->and($told['no-oil-leaf'])->toBe(['no oil'])
        ->and(array_keys(array_filter($told, static fn(array $not): bool => $not !== [])))->toEqualCanonicalizing(['hairy-leaf', 'waxy-bloom-leaf', 'no-oil-leaf'])
        ->and(ToleranceCatalogue::shipped()->emptyBed()->slug)->toBe('empty-bed');
});

it('says of every published figure that it is from memory, where it is', function (): void {
    // Only the library of units was at hand; everything else that is published was written down from memory and deserves a look at the original.
    $catalogue = SourceCatalogue::shipped();
    $rows = require dirname(__DIR__, 2) . '/data/sources.php';
    assert(is_array($rows));
    $keys = array_map(strval(...), array_keys($rows));
    $atHand = array_values(array_filter($keys, static fn(string $key): bool => ! $catalogue->get($key)->fromMemory));
    $published = array_filter($keys, static fn(string $key): bool => $catalogue->get($key)->standing->value === 'published');
    expect($atHand)->toBe(['practice', 'house', 'ucum'])->and(count($published))->toBe(count($keys) - 2)
        ->and(array_map(static fn(string $key): string => $catalogue->get($key)->citation, $published))->each->not->toBe('');
});

it('knows how often a sign means nothing, and how common each trouble is', function (): void {
    // The house's own weights: what lives on a plant is hardly ever there for no reason; yellow leaves, wet weeks and dry air often are.
    $signs = $weights = [];
    foreach (TroubleCatalogue::shipped()->signs as $sign) {
        $signs[(string) $sign->usual][] = $sign->slug;
    }
    $listed = ['aphids', 'mealybugs', 'powdery-mildew', 'spider-mites', 'flat-mites', 'blister-mites', 'overwintering-eggs', 'leaf-miner', 'edema', 'salt-burn', 'scale', 'slugs', 'overwatering', 'whitefly', 'caterpillars', 'fungus-gnats', 'drought', 'thrips', 'early-blight', 'black-spot', 'rust', 'sunburn', 'hunger', 'leaf-beetles', 'grubs', 'rot', 'cold', 'spray-burn', 'broad-mites', 'virus'];
    foreach ($listed as $slug) {
        $weights[(string) TroubleCatalogue::shipped()->trouble($slug)->commonness][] = $slug;
    }
    expect(array_map(count(...), $signs))->toEqual(['0.008' => 38, '0.015' => 1, '0.01' => 1, '0.02' => 2, '0.03' => 7, '0.04' => 2, '0.06' => 4, '0.08' => 1, '0.1' => 3, '0.12' => 4, '0.15' => 2, '0.2' => 2, '0.25' => 1])
        ->and($signs['0.25'])->toBe(['clean-new-growth'])->and($signs['0.2'])->toBe(['over-weeks', 'after-wet-weeks'])->and($signs['0.15'])->toBe(['newest-worst', 'hot-dry-air'])
        ->and($signs['0.12'])->toBe(['yellow-patches', 'leaf-drop', 'from-below', 'lately-watered-much'])->and($signs['0.08'])->toBe(['ants'])
        ->and($weights)->toBe([
            '10' => ['aphids'], '7' => ['mealybugs', 'powdery-mildew'], '8' => ['spider-mites'], '2' => ['flat-mites', 'blister-mites', 'overwintering-eggs', 'leaf-miner', 'edema', 'salt-burn'],
            '6' => ['scale', 'slugs', 'overwatering'], '5' => ['whitefly', 'caterpillars', 'fungus-gnats', 'drought'], '4' => ['thrips', 'early-blight', 'black-spot', 'rust', 'sunburn', 'hunger'],
            '3' => ['leaf-beetles', 'grubs', 'rot', 'cold', 'spray-burn'], '1.5' => ['broad-mites', 'virus'],
        ]);
});
