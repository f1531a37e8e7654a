<?php

declare(strict_types=1);

use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Cupboard\ShoppingList;
use IdleMixer\Core\Cupboard\ToBuy;
use IdleMixer\Core\Cupboard\Wanted;
use IdleMixer\Core\Ingredient\IngredientCatalogue;

/** @param array<string, float|null> $left */
function standsThere(array $left): Cupboard
{
    return new Cupboard(array_map(static fn(string $slug, ?float $much): Bottle => new Bottle(IngredientCatalogue::shipped()->get($slug), $much), array_keys($left), array_values($left)));
}

function wantedOn(string $day, string $slug, float $mL): Wanted
{
    return new Wanted(new DateTimeImmutable("{$day}T00:00:00Z"), $slug, $mL);
}

// By hand: what is there is used up in the order of the days; what is wanting after it is bought.
it('lists what the rounds ahead take more of than is there, and for which day', function (array $left, array $wanted, array $list): void {
    /**
     * @var array<string, float|null> $left
     * @var list<Wanted>              $wanted
     */
    $told = array_map(static fn(ToBuy $one): array => [$one->slug, $one->takes, $one->short, $one->from?->format('Y-m-d')], ShoppingList::of($wanted, standsThere($left)));
    expect($told)->toEqual($list);
})->with([
    'enough of it' => [['neem-oil' => 100.0], [wantedOn('2026-06-01', 'neem-oil', 30.0), wantedOn('2026-06-08', 'neem-oil', 30.0)], []],
    'just enough' => [['neem-oil' => 60.0], [wantedOn('2026-06-01', 'neem-oil', 30.0), wantedOn('2026-06-08', 'neem-oil', 30.0)], []],
    'not for the third round' => [['neem-oil' => 70.0], [wantedOn('2026-06-15', 'neem-oil', 30.0), wantedOn('2026-06-01', 'neem-oil', 30.0), wantedOn('2026-06-08', 'neem-oil', 30.0)], [['neem-oil', 90.0, 20.0, '2026-06-15']]],
    'none of it there' => [[], [wantedOn('2026-06-01', 'neem-oil', 30.0)], [['neem-oil', 30.0, 30.0, '2026-06-01']]],
    'nobody said how much' => [['neem-oil' => null], [wantedOn('2026-06-01', 'neem-oil', 30.0)], [['neem-oil', 30.0, null, null]]],
    'what is out first stands first, what nobody measured last' => [
        ['neem-oil' => 10.0, 'castile-soap' => null],
        [wantedOn('2026-06-01', 'castile-soap', 5.0), wantedOn('2026-06-08', 'neem-oil', 30.0), wantedOn('2026-06-01', 'baking-soda', 8.0)],
        [['baking-soda', 8.0, 8.0, '2026-06-01'], ['neem-oil', 30.0, 20.0, '2026-06-08'], ['castile-soap', 5.0, null, null]],
    ],
    'nothing ahead' => [['neem-oil' => 10.0], [], []],
]);
