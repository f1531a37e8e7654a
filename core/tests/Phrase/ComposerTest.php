<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\Composer;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Recipe\RecipeReader;

/** What a recipe typed in these lines comes to. */
function typed(string ...$texts): Strengths
{
    $reader = PhraseReader::shipped(Kitchen::Us);
    $lines = [];
    $basis = null;
    foreach ($texts as $text) {
        $heard = $reader->read($text);
        array_push($lines, ...$heard->lines);
        $basis = $heard->basis ?? $basis;
    }
    $document = [
        'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'typed', 'name' => 'Typed', 'use' => $basis === null ? 'stock' : 'foliar', 'order' => 'all-together',
        ...($basis === null ? [] : ['basis' => ['amount' => $basis->millilitres(), 'unit' => 'mL', 'of' => $basis->of->value]]),
        'lines' => Composer::lines($lines, $basis),
    ];
    $recipe = (new RecipeReader(IngredientCatalogue::shipped()))->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)));

    return Strengths::of((new Formulator())->onBasis($recipe));
}

// The percentages of the trade (common practice, no source), typed in its own words.
it('comes to the strength that practice gives', function (string $lines, string $what, float $percent): void {
    expect(typed(...explode(' | ', $lines))->in(SubstanceGroup::from($what)))->toEqualWithDelta($percent, 0.006);
})->with([
    'neem by the gallon' => ['1 gal water | 2 tbsp neem', 'oil', 0.775],
    'the same as a rate, mixed by the litre' => ['1 litre of water | 2 tbsp per gallon neem', 'oil', 0.775],
    'castile and kitchen oil' => ['1 litre water | 2 tbsp castile | 2 tbsp vegetable oil', 'oil', 2.79],
    'soda spray, made up to a quart' => ['made up to 32 fl oz | 1.5 tsp soda | 1.5 tsp light oil | 2 drops dish soap', 'oil', 0.78],
    'winter oil' => ['1 litre of warm water | 2 tbsp vegetable oil | 1 tsp baking soda | 2 drops gentle detergent', 'oil', 2.87],
    'mint mask' => ['1 gallon of water | 1 tbsp castile | 1 tsp peppermint', 'essential', 0.130],
    'beetle neem' => ['1 gal water | 2.5 tbsp neem | 2/3 to 1 1/3 tsp soap', 'oil', 0.966],
]);

it('hits percents and parts exactly, whatever else goes in', function (): void {
    expect(typed('1 gal water', '1 % paraffin', '2 tbsp castile')->in(SubstanceGroup::Oil))->toEqualWithDelta(1.0, 1e-9)
        ->and(typed('made up to 1 litre', '1 % paraffin', '2 tbsp castile')->in(SubstanceGroup::Oil))->toEqualWithDelta(1.0, 1e-9)
        ->and(typed('1 litre water', '25 % alcohol from 70 %', '5 ml soap')->in(SubstanceGroup::Alcohol))->toEqualWithDelta(25.0, 1e-9)
        ->and(typed('1 litre water', '1 % peroxide from 3 %')->in(SubstanceGroup::Peroxide))->toEqualWithDelta(1.0, 1e-9)
        ->and(typed('made up to 1 litre', '0.53 % soda')->in(SubstanceGroup::Soda))->toEqualWithDelta(0.53, 1e-9)
        ->and(typed('1 litre water', '1:1 alcohol')->in(SubstanceGroup::Alcohol))->toEqualWithDelta(35.0, 1e-9)
        ->and(typed('1 litre water', '1:100 neem')->in(SubstanceGroup::Oil))->toEqualWithDelta(100 / 101, 1e-9)
        ->and(typed('made up to 1 litre', '1:100 neem')->in(SubstanceGroup::Oil))->toEqualWithDelta(100 / 101, 1e-9);
});

it('says when there is no water to reckon by, or no room for it', function (string $lines, string $path): void {
    try {
        typed(...explode(' | ', $lines));
        $found = 'nothing';
    } catch (InvalidDocument $e) {
        $found = $e->path();
    }
    expect($found)->toBe($path);
})->with([
    ['1 cup oil | 1 % castile', '/lines/1'],
    ['1:100 neem', '/lines/0'],
    ['made up to 1 cup | 1 pint oil', '/lines'],
    ['1 litre water | 60 % neem | 50 % paraffin', '/lines'],
]);
