<?php

declare(strict_types=1);

use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Shelf\Cost;

/**
 * @param array<string, float> $mls of each ingredient
 */
function pouredTogether(float $water, array $mls): Mixture
{
    return new Mixture($water, array_map(static fn(string $slug, float $ml): Part => new Part(IngredientCatalogue::shipped()->get($slug), $ml, null, null), array_keys($mls), array_values($mls)), []);
}

/** @param array<string, float|null> $each what a mL costs */
function pricedShelf(array $each): Cupboard
{
    return new Cupboard(array_map(static fn(string $slug, ?float $one): Bottle => new Bottle(IngredientCatalogue::shipped()->get($slug), null, null, $one), array_keys($each), array_values($each)));
}

// By hand: neem at 10.00 for 100 mL is 0.10 a mL, soap at 5.00 for half a litre 0.01 a mL.
it('adds up what went in by what its bottles cost, and names what has no price', function (array $batches, float $money, float $litres, array $unpriced): void {
    /** @var list<array{float, array<string, float>}> $batches */
    $cost = Cost::of(array_map(static fn(array $one): Mixture => pouredTogether($one[0], $one[1]), $batches), pricedShelf(['neem-oil' => 0.10, 'castile-soap' => 0.01, 'baking-soda' => null]));
    expect($cost->money)->toEqualWithDelta($money, 1e-9)->and($cost->litres)->toEqualWithDelta($litres, 1e-9)->and($cost->unpriced)->toBe($unpriced)
        ->and($cost->isWhole())->toBe($unpriced === [])
        ->and($cost->aLitre())->toBe($unpriced === [] && $litres > 0.0 ? $money / $litres : null);
})->with([
    'five of neem and ten of soap in a litre' => [[[985.0, ['neem-oil' => 5.0, 'castile-soap' => 10.0]]], 0.60, 1.0, []],
    'two batches' => [[[985.0, ['neem-oil' => 5.0, 'castile-soap' => 10.0]], [495.0, ['castile-soap' => 5.0]]], 0.65, 1.5, []],
    'of soda nobody said' => [[[990.0, ['castile-soap' => 10.0, 'baking-soda' => 4.0]]], 0.10, 1.0, ['baking-soda']],
    'nor of what is not on the shelf, named once' => [[[990.0, ['vegetable-oil' => 10.0]], [985.0, ['vegetable-oil' => 10.0, 'castile-soap' => 5.0]]], 0.05, 2.0, ['vegetable-oil']],
    'nothing was mixed' => [[], 0.0, 0.0, []],
]);
