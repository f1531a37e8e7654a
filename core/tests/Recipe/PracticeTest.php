<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\WaitWords;

/*
 * What gardeners do with each method, as it is written down in the craft: common practice, no source.
 */

it('repeats as practice has it', function (string $slug, ?int $days): void {
    expect(RecipeCatalogue::shipped()->practice($slug)->repeatDays)->toBe($days)
        ->and(Plans::shipped($slug, 1, 'L')->bench->circumstances->everyDays)->toBe($days === null ? null : (float) $days);
})->with([
    'once on an empty bed' => ['empty-bed-neem-drench', null],
    'soda about fortnightly' => ['soda-leaf-spray', 14],
    'soap and kitchen oil every second day' => ['castile-and-kitchen-oil', 2],
    'winter oil once' => ['winter-wood-oil', null],
    'neem by the quart weekly' => ['neem-leaf-quart', 7],
    'soda and neem weekly' => ['soda-and-neem', 7],
    'paraffin after seven days' => ['fine-paraffin-mist', 7],
    'the stock by the cup daily' => ['mint-oil-by-the-cup', 1],
    'mild neem every ten to fifteen days' => ['mild-neem', 10],
    'weak pot drench after about five weeks' => ['weak-pot-drench', 35],
    'brushed alcohol and soap weekly' => ['alcohol-soap-and-brush', 7],
    'alcohol and soap ten days after the neem' => ['soap-and-alcohol-by-eye', 10],
]);

it('is mixed in the order that practice has it', function (string $slug, MixingOrder $order): void {
    expect(RecipeCatalogue::shipped()->get($slug)->order)->toBe($order);
})->with([
    'all in, long stirring' => ['empty-bed-neem-drench', MixingOrder::AllTogether],
    'a premix in a cup' => ['soda-leaf-spray', MixingOrder::CupPremix],
    'egg in the blender' => ['egg-and-oil-milk', MixingOrder::Blender],
    'soap first, then oil' => ['gentle-neem', MixingOrder::SoapThenOil],
    'water, soap, then essential oil' => ['mint-mask', MixingOrder::SoapThenOil],
    'oil and emulsifier first' => ['true-neem-emulsion', MixingOrder::EmulsifierFirst],
]);

it('waits as practice has it', function (string $slug, string $words): void {
    $said = array_map(WaitWords::shipped()->of(...), RecipeCatalogue::shipped()->practice($slug)->waits);
    expect(implode(' ', $said))->toContain($words);
})->with([
    'three days before planting' => ['empty-bed-neem-drench', '3 days'],
    'no frost for two days' => ['winter-wood-oil', '2 days'],
    'rinse after twenty minutes' => ['mild-soap', '20 minutes'],
    'alcohol too' => ['mild-alcohol', '20 minutes'],
    'soak ten to fifteen minutes' => ['alcohol-soap-and-brush', '10 to 15 minutes'],
    'out of the sun' => ['gentle-neem', '2 to 3 days'],
    'good for eight hours' => ['neem-leaf-quart', '8 hours'],
    'good for a day' => ['true-neem-emulsion', '24 hours'],
    'in the leaves about day ten' => ['weak-pot-drench', '10 days'],
    'patch test of a day' => ['soda-and-neem', '24 hours'],
]);

it('keeps as long as practice has it', function (string $slug, float $strict, float $patient): void {
    $holding = Plans::shipped($slug, 1, 'L')->holding;
    expect($holding->strict->value)->toBe($strict)->and($holding->patient->value)->toBe($patient);
})->with([
    'neem eight to twenty-four hours' => ['neem-leaf-quart', 8.0, 24.0],
    'essential oils one to two weeks' => ['mint-mask', 7.0 * 24, 14.0 * 24],
    'soap and kitchen oil up to two months by some' => ['castile-and-kitchen-oil', 24.0, 60.0 * 24],
    'egg the same day' => ['egg-and-oil-milk', 8.0, 12.0],
]);


it('says of every wait how long and for what', function (string $slug): void {
    $waits = RecipeCatalogue::shipped()->practice($slug)->waits;
    expect(count($waits))->toBeLessThanOrEqual(4);
    foreach ($waits as $wait) {
        expect(WaitWords::shipped()->of($wait))->toMatch('/\d.*(minutes?|hours?|days?)/')->toEndWith('.');
    }
})->with(RecipeCatalogue::shipped()->slugs());
