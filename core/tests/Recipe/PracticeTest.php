<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\MethodWords;
use IdleMixer\Core\Wording\WaitWords;

/*
 * What gardeners do with each method, as it is written down in the craft: common practice, no source.
 */

it('is judged at the bench by the days that practice has between when it is light', function (string $slug, ?int $days): void {
    expect(Plans::shipped($slug, 1, 'L')->bench->circumstances->everyDays)->toBe($days === null ? null : (float) $days);
})->with([
    'once on an empty bed' => ['empty-bed-neem-drench', null],
    'soda fortnightly' => ['soda-leaf-spray', 14],
    'soap and kitchen oil weekly, rinsed' => ['castile-and-kitchen-oil', 7],
    'winter oil once' => ['winter-wood-oil', null],
    'neem by the quart weekly' => ['neem-leaf-quart', 7],
    'paraffin after seven days' => ['fine-paraffin-mist', 7],
    'weak pot drench after about five weeks' => ['weak-pot-drench', 35],
    'brushed alcohol and soap weekly' => ['alcohol-soap-and-brush', 7],
]);

// Common practice, no source.
it('says in a sentence how often', function (string $slug, string $words): void {
    expect(MethodWords::rhythm(RecipeCatalogue::shipped()->method($slug)))->toBe($words);
})->with([
    ['neem-leaf-quart', 'Every 7 days, when it is bad every 4 days. No more than 6 in a row. As prevention every 14 days.'],
    ['castile-and-kitchen-oil', 'Every 7 days when it is light, every 4 days when moderate, every 2 days when bad. No more than 3 in a row. Not as prevention.'],
    ['winter-wood-oil', 'Once.'],
    ['half-alcohol-swab', 'Every 7 days when it is light, every 3 days when moderate, daily when bad. Not as prevention.'],
    ['soap-and-alcohol-by-eye', 'Every 7 days. No more than 7 in a row. Not as prevention.'],
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
