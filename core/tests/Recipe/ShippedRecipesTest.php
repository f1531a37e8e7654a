<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\MethodWords;

/*
 * Percentages that gardeners work with: common practice, no source. They are checked to the last digit quoted.
 */
it('comes out at the oil strength that practice quotes', function (string $slug, bool $highEnd, float $percent, float $half): void {
    $strengths = Plans::shipped($slug, 3.0, 'L', ['highEnd' => $highEnd])->strengths;

    expect($strengths->in(SubstanceGroup::Oil) + $strengths->in(SubstanceGroup::Essential))->toEqualWithDelta($percent, $half);
})->with([
    'empty bed drench, low' => ['empty-bed-neem-drench', false, 0.77, 0.005],
    'empty bed drench, high' => ['empty-bed-neem-drench', true, 1.52, 0.005],
    'soda leaf spray' => ['soda-leaf-spray', false, 0.78, 0.005],
    'egg and oil' => ['egg-and-oil-milk', false, 0.5, 0.05],
    'neem by the gallon' => ['neem-by-the-gallon', false, 0.775, 0.0005],
    'castile and kitchen oil' => ['castile-and-kitchen-oil', false, 2.79, 0.005],
    'orchard neem' => ['orchard-neem', false, 1.54, 0.005],
    'winter wood oil' => ['winter-wood-oil', false, 2.87, 0.005],
    'neem leaf spray, low' => ['neem-leaf-quart', false, 0.773, 0.0005],
    'neem leaf spray, infested' => ['neem-leaf-quart', true, 1.03, 0.005],
    'soda and neem' => ['soda-and-neem', false, 0.490, 0.0005],
    'gentle neem' => ['gentle-neem', false, 0.493, 0.0005],
    'kitchen oil by the quart' => ['kitchen-oil-by-the-quart', false, 0.970, 0.0005],
    'paraffin, low' => ['fine-paraffin-mist', false, 1.0, 0.0005],
    'paraffin, high' => ['fine-paraffin-mist', true, 2.0, 0.0005],
    'mint oil by the cup' => ['mint-oil-by-the-cup', false, 3.56, 0.005],
    'mild neem' => ['mild-neem', false, 0.2, 0.05],
    'mint mask, low' => ['mint-mask', false, 0.130, 0.0005],
    'mint mask, high' => ['mint-mask', true, 0.259, 0.0005],
    'beetle neem' => ['beetle-neem', false, 0.966, 0.0005],
    'weak pot drench' => ['weak-pot-drench', false, 0.389, 0.0005],
    'rosemary mist' => ['rosemary-mist', false, 0.278, 0.0005],
    // By eye: no oil at all.
    'soap and alcohol by eye' => ['soap-and-alcohol-by-eye', false, 0.0, 1e-12],
    'alcohol, soap and brush' => ['alcohol-soap-and-brush', true, 0.0, 1e-12],
    'true neem emulsion' => ['true-neem-emulsion', false, 0.391, 0.0005],
]);

it('comes out at the other strengths that practice quotes', function (): void {
    // Common practice, no source: soap as much as oil; soap 0.985 %; soda about 0.92 % w/v; half and half from a 70 % bottle.
    $castile = Plans::shipped('castile-and-kitchen-oil', 1.0, 'L')->strengths;
    expect($castile->in(SubstanceGroup::Soap))->toEqualWithDelta($castile->in(SubstanceGroup::Oil), 1e-12)
        ->and(Plans::shipped('gentle-neem', 1.0, 'L')->strengths->in(SubstanceGroup::Soap))->toEqualWithDelta(0.985, 0.0005)
        ->and(Plans::shipped('soda-and-neem', 1.0, 'L')->strengths->in(SubstanceGroup::Soda))->toEqualWithDelta(0.92, 0.01)
        ->and(Plans::shipped('half-alcohol-swab', 1.0, 'L')->strengths->in(SubstanceGroup::Alcohol))->toEqualWithDelta(35.0, 1e-9)
        ->and(Plans::shipped('mild-alcohol', 1.0, 'L')->strengths->in(SubstanceGroup::Alcohol))->toEqualWithDelta(0.14, 0.005);
});

it('makes the stock by the cup nearly four times as strong as the one by the quart', function (): void {
    $oil = static fn(string $slug): float => Plans::shipped($slug, 1.0, 'L')->strengths->in(SubstanceGroup::Oil);

    expect($oil('mint-oil-by-the-cup') / $oil('kitchen-oil-by-the-quart'))->toBeGreaterThan(3.5)->toBeLessThan(4.0);
});

it('takes a stock by weight for what it weighs', function (): void {
    // An egg of 50 g and 50 mL of oil at 0.92 g/mL are 96 g; 10 g of it hold 5.208 mL of oil and 5.057 mL of egg, which a litre of water
    // makes 0.5155 %. Taken by volume it would be 0.502 %.
    expect(Plans::shipped('egg-and-oil-milk', 1.0, 'L')->strengths->in(SubstanceGroup::Oil))->toEqualWithDelta(0.5155, 0.0005);
});

it('has the published soda with oil at its published strength', function (): void {
    // Horst, Kawamoto and Porter (1992), Plant Disease 76:247-251 (from memory): 0.063 M sodium bicarbonate, which at 84.007 g/mol is
    // 0.529 g in 100 mL, with 1 % v/v of oil.
    $strengths = Plans::shipped('soda-and-oil-by-the-book', 1.0, 'L')->strengths;
    expect($strengths->in(SubstanceGroup::Soda))->toEqualWithDelta(0.529, 0.005)->and($strengths->in(SubstanceGroup::Oil))->toEqualWithDelta(1.0, 0.01);
});

it('says what the handbook form of it comes to, which is weaker', function (): void {
    // A level tablespoon of each in a US gallon of water. By hand: 3 x 4.6 g (USDA FoodData Central, from memory) in 3785.41 mL of water
    // and 14.79 mL of oil are 0.3631 g in 100 mL; 14.79 mL of 3800.20 mL are 0.389 %.
    $recipe = Plans::recipe([['ingredient' => 'baking-soda', 'amount' => 1, 'unit' => '[tbs_us]'], ['ingredient' => 'horticultural-oil', 'amount' => 1, 'unit' => '[tbs_us]']], ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'water']);
    $strengths = Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]']])->strengths;

    expect($strengths->in(SubstanceGroup::Soda))->toEqualWithDelta(0.3631, 0.0002)->and($strengths->in(SubstanceGroup::Oil))->toEqualWithDelta(0.389, 0.0005);
});

it('gives 1 and 2 % of soap at 2.5 and 5 tbsp a gallon', function (float $spoons, float $percent): void {
    // Gardening handbooks (from memory): 2.5 to 5 tbsp of concentrate a US gallon is 1 to 2 %.
    $recipe = Plans::recipe([['ingredient' => 'castile-soap', 'amount' => $spoons, 'unit' => '[tbs_us]']], ['amount' => 1, 'unit' => '[gal_us]', 'of' => 'finished']);

    expect(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => '[gal_us]']])->strengths->in(SubstanceGroup::Soap))->toEqualWithDelta($percent, 0.05);
})->with([[2.5, 1.0], [5.0, 2.0]]);

it('reads, writes and reads again without a change', function (string $slug): void {
    $recipe = RecipeCatalogue::shipped()->get($slug);
    $written = json_encode(RecipeWriter::write($recipe), \JSON_THROW_ON_ERROR);
    $again = (new RecipeReader(IngredientCatalogue::shipped()))->read(JsonText::parse($written));

    expect($again)->toEqual($recipe)->and($recipe->slug)->toBe($slug);
})->with(RecipeCatalogue::shipped()->slugs());

it('says of every shipped recipe what it is for and how often, from the catalogue of pests', function (string $slug): void {
    $practice = RecipeCatalogue::shipped()->practice($slug);

    expect($practice->method->against)->not->toBeEmpty()
        ->and(array_diff($practice->method->against, TroubleCatalogue::shipped()->pestSlugs()))->toBeEmpty()
        ->and(array_diff($practice->method->inTurnWith, RecipeCatalogue::shipped()->slugs()))->toBeEmpty()
        ->and(MethodWords::rhythm($practice->method))->toEndWith('.');
})->with(RecipeCatalogue::shipped()->slugs());

it('calls every recipe as its file is called, and offers no two at one place', function (): void {
    $sprays = Things::of('sprays');

    expect(array_map(static fn(string $slug): string => RecipeCatalogue::shipped()->get($slug)->slug, RecipeCatalogue::shipped()->slugs()))->toBe(RecipeCatalogue::shipped()->slugs())
        ->and(array_unique(array_filter($sprays->column('rank'), is_int(...))))->toHaveCount(count($sprays->rows()));
});

it('can be made in every size from a cup to a barrel', function (string $slug): void {
    $all = array_map(static fn(float $litres): Plan => Plans::shipped($slug, $litres, 'L', ['sprayer' => ['amount' => 20, 'unit' => 'L']]), [0.25, 1.0, 200.0]);

    foreach ($all as $plan) {
        expect($plan->strengths->in(SubstanceGroup::Oil))->toEqualWithDelta($all[0]->strengths->in(SubstanceGroup::Oil), 1e-9);
    }
})->with(RecipeCatalogue::shipped()->slugs());
