<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\Turns;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\WaitWords;

/*
 * How much work each method is (1 little, 2 some, 3 much: the house's own reading of the steps), and how long it goes on working: common
 * practice, no source. Its rounds stand in the table of methods.
 */
it('knows what each method costs in work', function (string $slug, int $lasts, int $work): void {
    $practice = RecipeCatalogue::shipped()->practice($slug);
    expect([$practice->method->lastsDays, $practice->work])->toBe([$lasts, $work]);
})->with([
    ['empty-bed-neem-drench', 0, 3],
    ['soap-and-alcohol-by-eye', 0, 2],
    ['soda-leaf-spray', 0, 2],
    ['egg-and-oil-milk', 0, 3],
    ['half-alcohol-swab', 0, 3],
    ['neem-by-the-gallon', 0, 2],
    ['castile-and-kitchen-oil', 0, 1],
    ['orchard-neem', 0, 1],
    ['winter-wood-oil', 0, 3],
    ['neem-leaf-quart', 0, 1],
    ['soda-and-neem', 0, 2],
    ['gentle-neem', 0, 2],
    ['alcohol-soap-and-brush', 0, 3],
    ['kitchen-oil-by-the-quart', 0, 2],
    ['fine-paraffin-mist', 0, 2],
    ['mint-oil-by-the-cup', 0, 2],
    ['mild-soap', 0, 1],
    ['mild-alcohol', 0, 1],
    ['mild-neem', 0, 2],
    ['mint-mask', 0, 2],
    ['beetle-neem', 0, 1],
    ['weak-pot-drench', 35, 2],
    ['rosemary-mist', 0, 1],
    ['true-neem-emulsion', 0, 3],
    ['plain-soap', 0, 1],
    ['soda-and-oil-by-the-book', 0, 2],
    ['peroxide-in-turn', 0, 1],
]);

it('waits before and after as practice has it', function (string $slug, array $waits): void {
    expect(array_map(static fn(array $wait): array => array_slice($wait, 1), RecipeCatalogue::shipped()->practice($slug)->waits))->toBe($waits)
        ->and(array_map(WaitWords::shipped()->of(...), RecipeCatalogue::shipped()->practice($slug)->waits))->each->toEndWith('.');
})->with([
    'good for 8 hours' => ['neem-leaf-quart', [[8, 8]]], 'good for 24' => ['true-neem-emulsion', [[24, 24]]],
    'a leaf test of 24 hours' => ['soda-and-neem', [[24, 24]]], 'no frost for 2 days' => ['winter-wood-oil', [[2, 2]]], '2 to 3 days out of the sun, and until the look' => ['gentle-neem', [[2, 3], [2, 3]]],
    'looked at on day 3' => ['egg-and-oil-milk', [[3, 3]]],
    'planted after 3 days' => ['empty-bed-neem-drench', [[3, 3]]], 'most in the leaves on day 10' => ['weak-pot-drench', [[10, 10]]],
    'looked at daily' => ['soap-and-alcohol-by-eye', [[1, 1]]],
]);

it('goes from one way of working to another as practice has it', function (string $from, string $to, int $days): void {
    // Peroxide first, then soda one to three days later, then the soil by day 7, again at 14; neem a week after alcohol: common practice, no source.
    $fair = FairLook::shipped()->of(new Mixture(0.0, [], []), RecipeUse::Foliar);
    $turn = static fn(string $way): InTurn => new InTurn($way, 9, $way, 0.0, 0.0, 0.0, $fair);
    expect(Turns::shipped()->between($turn($from), $turn($to)))->toBe($days);
})->with([
    ['peroxide', 'soda', 3], ['peroxide', 'soda-with-oil', 3], ['soda', 'systemic-neem', 3], ['soda-with-oil', 'systemic-neem', 3],
    ['soda', 'peroxide', 11], ['soda-with-oil', 'peroxide', 11], ['systemic-neem', 'peroxide', 8], ['systemic-neem', 'soda', 11], ['alcohol', 'neem', 7], ['neem', 'alcohol', 10],
    'what is not named goes by the second' => ['soap', 'neem', 9],
]);

/*
 * Hours until it is thrown away, by the strict and by the patient school. Common practice, no source: neem 8 to 24 h, essential oil 1 to 2
 * weeks, soap and kitchen oil up to about 2 months by some, an undiluted stock months, egg the same day; peroxide with soda is used at once
 * and nothing of it kept. What practice does not say is the house's own: oil in a spray for a day, what spoils slowly for a week, a stock
 * for two months to half a year, peroxide by itself for an hour.
 */
it('keeps each kind of spray and of stock as long as its school has it', function (array $lines, string $use, float $strict, float $patient): void {
    /** @var array<string, float> $lines */
    $recipe = Plans::recipe(
        array_map(static fn(string $slug, float $much): array => ['ingredient' => $slug, 'amount' => $much, 'unit' => $slug === 'egg' ? '1' : 'mL'], array_keys($lines), array_values($lines)),
        $use === 'stock' ? null : ['amount' => 1, 'unit' => 'L', 'of' => 'water'],
        $use,
    );
    $rule = Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']])->holding;
    expect([$rule->strict->value, $rule->patient->value])->toBe([$strict, $patient]);
})->with([
    'soap alone' => [['castile-soap' => 10.0], 'foliar', 168.0, 1440.0],
    'soda' => [['baking-soda' => 5.0], 'foliar', 168.0, 1440.0],
    'alcohol' => [['isopropyl-alcohol' => 300.0], 'foliar', 168.0, 1440.0],
    'kitchen oil and soap' => [['vegetable-oil' => 10.0, 'castile-soap' => 10.0], 'foliar', 24.0, 1440.0],
    'refined oil' => [['paraffin-oil' => 10.0], 'foliar', 24.0, 1440.0],
    'neem' => [['neem-oil' => 5.0, 'castile-soap' => 2.0], 'foliar', 8.0, 24.0],
    'essential oil' => [['rosemary-oil' => 2.0, 'castile-soap' => 5.0], 'foliar', 168.0, 336.0],
    'essential oil alone' => [['rosemary-oil' => 2.0], 'foliar', 168.0, 336.0],
    'essential oil in neem' => [['rosemary-oil' => 2.0, 'neem-oil' => 5.0], 'foliar', 8.0, 24.0],
    'egg' => [['egg' => 1.0, 'vegetable-oil' => 50.0], 'foliar', 8.0, 12.0],
    'peroxide' => [['hydrogen-peroxide' => 100.0], 'foliar', 1.0, 1.0],
    'peroxide with soda' => [['hydrogen-peroxide' => 100.0, 'baking-soda' => 5.0], 'foliar', 1.0, 1.0],
    'a stock of oil and soap' => [['vegetable-oil' => 240.0, 'castile-soap' => 15.0], 'stock', 1440.0, 4320.0],
    'a stock with peppermint' => [['vegetable-oil' => 240.0, 'peppermint-oil' => 2.0], 'stock', 1440.0, 4320.0],
    'a stock of soap and soda' => [['castile-soap' => 100.0, 'baking-soda' => 10.0], 'stock', 1440.0, 4320.0],
    'a stock of neem' => [['neem-oil' => 50.0, 'castile-soap' => 10.0], 'stock', 1440.0, 4320.0],
    'a stock with egg' => [['egg' => 1.0, 'vegetable-oil' => 50.0], 'stock', 8.0, 12.0],
    'a stock with peroxide' => [['hydrogen-peroxide' => 100.0, 'castile-soap' => 10.0], 'stock', 1.0, 1.0],
]);
