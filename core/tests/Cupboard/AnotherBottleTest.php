<?php

declare(strict_types=1);

use IdleMixer\Core\Cupboard\AnotherBottle;
use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;

/** @return array<string, array{float, float|null, float|null}> by ingredient: mL, up to, strength */
function anotherBottleLines(?Recipe $recipe): array
{
    $all = [];
    foreach ($recipe->lines ?? [] as $line) {
        $in = $line->stock ?? null;
        foreach ($in === null ? [$line] : $in->lines as $one) {
            $each = $one->ingredient === null ? 0.0 : $one->ingredient->millilitres($one->amount) / $one->amount->value;
            $all[(string) $one->ingredient?->slug] = [round($one->amount->value * $each, 3), $one->upTo === null ? null : round($one->upTo * $each, 3), $one->strength];
        }
    }

    return $all;
}

// By hand: as much of the pure thing goes in. A US cup is 236.588 mL: 70 % of it are 165.612 mL pure, in 181.991 mL of 91 %.
it('writes a recipe for the bottle that somebody has, as strong as it was', function (string $slug, string $ingredient, float $percent, array $lines): void {
    expect(anotherBottleLines(AnotherBottle::shipped()->ofStrength(RecipeCatalogue::shipped()->get($slug), $ingredient, $percent)))->toBe($lines);
})->with([
    'half a cup of alcohol of 91 %' => ['half-alcohol-swab', 'isopropyl-alcohol', 91.0, ['isopropyl-alcohol' => [181.991, null, 91.0]]],
    'the same bottle' => ['half-alcohol-swab', 'isopropyl-alcohol', 70.0, ['isopropyl-alcohol' => [236.588, null, 70.0]]],
    'peroxide of 6 %' => ['peroxide-in-turn', 'hydrogen-peroxide', 6.0, ['hydrogen-peroxide' => [85.0, 165.0, 6.0]]],
    'alcohol of 50 %, a range' => ['mild-alcohol', 'isopropyl-alcohol', 50.0, ['isopropyl-alcohol' => [2.8, 4.2, 50.0]]],
]);

// What half as much detergent does for soap, and any oil for an oil, is common practice, no source.
it('takes something else in its place, and says what that may be', function (string $slug, string $for, array $may, string $with, ?array $lines): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    expect(array_map(static fn(Instead $one): string => $one->with, AnotherBottle::shipped()->insteads($recipe, $for)))->toBe($may);
    $taken = AnotherBottle::shipped()->instead($recipe, $for, $with);
    expect($taken === null ? null : anotherBottleLines($taken))->toBe($lines);
})->with([
    'kitchen oil for paraffin' => ['fine-paraffin-mist', 'paraffin-oil', ['horticultural-oil', 'vegetable-oil'], 'vegetable-oil', ['vegetable-oil' => [10.0, 20.0, null], 'dish-detergent' => [0.5, 1.5, null]]],
    'dish soap for castile' => ['gentle-neem', 'castile-soap', ['dish-detergent', 'saponin-extract', 'polysorbate-20'], 'dish-detergent', ['dish-detergent' => [5.0, null, null], 'neem-oil' => [5.0, null, null]]],
    'polysorbate for castile, though detergent would be first' => ['gentle-neem', 'castile-soap', ['dish-detergent', 'saponin-extract', 'polysorbate-20'], 'polysorbate-20', ['polysorbate-20' => [5.0, null, null], 'neem-oil' => [5.0, null, null]]],
    'within a stock' => ['kitchen-oil-by-the-quart', 'castile-soap', ['dish-detergent', 'saponin-extract', 'polysorbate-20'], 'dish-detergent', ['vegetable-oil' => [236.588, null, null], 'dish-detergent' => [7.393, null, null]]],
    'soap is what plain soap works by' => ['plain-soap', 'castile-soap', [], 'dish-detergent', null],
    'oil is no soap' => ['gentle-neem', 'castile-soap', ['dish-detergent', 'saponin-extract', 'polysorbate-20'], 'vegetable-oil', null],
    'what is not in it' => ['plain-soap', 'neem-oil', [], 'neem-extract', null],
]);

it('leaves the other as it is where both are in one recipe', function (): void {
    $recipe = Plans::bench(['recipe' => Plans::recipe([['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => 'mL'], ['ingredient' => 'dish-detergent', 'amount' => 2, 'unit' => 'mL'], ['ingredient' => 'vegetable-oil', 'amount' => 5, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L']])->recipe;
    expect(anotherBottleLines(AnotherBottle::shipped()->instead($recipe, 'castile-soap', 'polysorbate-20')))->toBe(['polysorbate-20' => [5.0, null, null], 'dish-detergent' => [2.0, null, null], 'vegetable-oil' => [5.0, null, null]]);
});

// One bottle on an empty shelf would say that all else is missing: it is kept where a shelf is kept.
it('is kept where a shelf is kept and has none like it', function (?array $shelf, string $slug, ?float $percent, bool $kept): void {
    /** @var list<array{string, float|null}>|null $shelf */
    $cupboard = $shelf === null ? null : new Cupboard(array_map(static fn(array $one): Bottle => new Bottle(IngredientCatalogue::shipped()->get($one[0]), null, $one[1]), $shelf));
    expect(AnotherBottle::isNew($cupboard, $slug, $percent))->toBe($kept);
})->with([
    'nobody keeps one' => [null, 'isopropyl-alcohol', 91.0, false],
    'an empty one' => [[], 'isopropyl-alcohol', 91.0, false],
    'none of it' => [[['neem-oil', null]], 'isopropyl-alcohol', 91.0, true],
    'of another strength' => [[['isopropyl-alcohol', 70.0]], 'isopropyl-alcohol', 91.0, true],
    'the very bottle' => [[['isopropyl-alcohol', 91.0]], 'isopropyl-alcohol', 91.0, false],
    'dish soap that is there' => [[['dish-detergent', null]], 'dish-detergent', null, false],
    'dish soap that is not' => [[['castile-soap', null]], 'dish-detergent', null, true],
]);
