<?php

declare(strict_types=1);

use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\InTurn;
use IdleMixer\Core\Schedule\ProgrammeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\WaitWords;

/*
 * What practice says of each method in figures: common practice, no source. Days between rounds when infested (0: once), as prevention
 * (0: none), how many rounds (0: no number named), how long it goes on working; how much work it is (1 little, 2 some, 3 much: the
 * house's own reading of the steps).
 */
it('has the rounds of each method', function (string $slug, int $infested, int $prevention, int $rounds, int $lasts, int $work): void {
    $practice = RecipeCatalogue::shipped()->practice($slug);
    $programme = ProgrammeCatalogue::shipped();
    expect([$practice->repeatDays ?? 0, $programme->prevention($slug) ?? 0, $programme->rounds($slug) ?? 0, $programme->lasts($slug), $practice->work])->toBe([$infested, $prevention, $rounds, $lasts, $work]);
})->with([
    'once, on an empty bed, before planting' => ['empty-bed-neem-drench', 0, 365, 0, 0, 3],
    'alcohol and soap, again ten days after the neem' => ['soap-and-alcohol-by-eye', 10, 0, 0, 0, 2],
    'soda in a rotation of about a fortnight' => ['soda-leaf-spray', 14, 14, 0, 0, 2],
    'egg milk, judged on day 3' => ['egg-and-oil-milk', 3, 0, 0, 0, 3],
    'the half-and-half swab, over weeks' => ['half-alcohol-swab', 7, 0, 0, 0, 3],
    'neem by the label' => ['neem-by-the-gallon', 7, 14, 0, 0, 2],
    'soap and kitchen oil every 2 days, never as prevention' => ['castile-and-kitchen-oil', 2, 0, 0, 0, 1],
    'orchard neem in early spring, twice' => ['orchard-neem', 14, 14, 2, 0, 1],
    'winter oil once a year' => ['winter-wood-oil', 0, 365, 0, 0, 3],
    'neem by the quart weekly, fortnightly as prevention' => ['neem-leaf-quart', 7, 14, 0, 0, 1],
    'soda and neem weekly' => ['soda-and-neem', 7, 14, 0, 0, 2],
    'gentle neem, looked at after 2 to 3 days' => ['gentle-neem', 3, 14, 0, 0, 2],
    'alcohol and a brush weekly' => ['alcohol-soap-and-brush', 7, 0, 0, 0, 3],
    'the stock by the quart as seen' => ['kitchen-oil-by-the-quart', 7, 0, 0, 0, 2],
    'paraffin after 7 days, twice a year to keep clean' => ['fine-paraffin-mist', 7, 182, 0, 0, 2],
    'the stock by the cup daily' => ['mint-oil-by-the-cup', 1, 0, 0, 0, 2],
    'mild soap as seen' => ['mild-soap', 7, 0, 0, 0, 1],
    'mild alcohol as seen' => ['mild-alcohol', 7, 0, 0, 0, 1],
    'mild neem every 10 days' => ['mild-neem', 10, 10, 0, 0, 2],
    'mint every 3 to 5 days, as a mask every 7 to 10' => ['mint-mask', 5, 7, 0, 0, 2],
    'neem on beetles two or three times a week' => ['beetle-neem', 3, 0, 0, 0, 1],
    'a pot drench again after five weeks, which it works through' => ['weak-pot-drench', 35, 35, 2, 35, 2],
    'rosemary weekly' => ['rosemary-mist', 7, 7, 0, 0, 1],
    'the true emulsion weekly' => ['true-neem-emulsion', 7, 14, 0, 0, 3],
    'plain soap every 4 to 5 days' => ['plain-soap', 5, 0, 0, 0, 1],
    'soda by the book weekly' => ['soda-and-oil-by-the-book', 7, 14, 0, 0, 2],
    'peroxide about fortnightly' => ['peroxide-in-turn', 14, 14, 0, 0, 1],
]);

it('waits before and after as practice has it', function (string $slug, array $waits): void {
    expect(array_map(static fn(array $wait): array => array_slice($wait, 1), RecipeCatalogue::shipped()->practice($slug)->waits))->toBe($waits)
        ->and(array_map(WaitWords::shipped()->of(...), RecipeCatalogue::shipped()->practice($slug)->waits))->each->toEndWith('.');
})->with([
    'a day of clean water between' => ['castile-and-kitchen-oil', [[1, 1]]], 'good for 8 hours' => ['neem-leaf-quart', [[8, 8]]], 'good for 24' => ['true-neem-emulsion', [[24, 24]]],
    'a leaf test of 24 hours' => ['soda-and-neem', [[24, 24]]], 'no frost for 2 days' => ['winter-wood-oil', [[2, 2]]], '2 to 3 days out of the sun, and until the look' => ['gentle-neem', [[2, 3], [2, 3]]],
    'rinsed after 20 minutes' => ['mild-soap', [[20, 20]]], 'so is alcohol' => ['mild-alcohol', [[20, 20]]], 'looked at on day 3' => ['egg-and-oil-milk', [[3, 3]]],
    'planted after 3 days' => ['empty-bed-neem-drench', [[3, 3]]], 'most in the leaves on day 10' => ['weak-pot-drench', [[10, 10]]],
    'rinsed after 20 minutes, looked at daily' => ['soap-and-alcohol-by-eye', [[20, 20], [1, 1]]], 'soaks 10 to 15 minutes' => ['alcohol-soap-and-brush', [[10, 15]]],
]);

it('goes from one way of working to another as practice has it', function (string $from, string $to, int $days): void {
    // Peroxide first, then soda some days later, then the soil: common practice, no source. The figure is the house's own.
    $fair = FairLook::shipped()->of(new Mixture(0.0, [], []), RecipeUse::Foliar);
    $turn = static fn(string $way): InTurn => new InTurn($way, 9, $way, 0.0, 0.0, 0.0, $fair);
    expect(ProgrammeCatalogue::shipped()->turns()->between($turn($from), $turn($to)))->toBe($days);
})->with([
    ['peroxide', 'soda', 3], ['peroxide', 'soda-with-oil', 3], ['soda', 'systemic-neem', 3], ['soda-with-oil', 'systemic-neem', 3],
    ['soda', 'peroxide', 0], ['soda-with-oil', 'peroxide', 0], ['systemic-neem', 'peroxide', 0], ['systemic-neem', 'soda', 0],
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
