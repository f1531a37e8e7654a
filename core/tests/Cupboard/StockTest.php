<?php

declare(strict_types=1);

use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\BottleAge;
use IdleMixer\Core\Cupboard\Poured;
use IdleMixer\Core\Cupboard\Stock;
use IdleMixer\Core\Cupboard\ToldBottle;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

function bottleOf(string $slug, ?float $left = null, ?float $strength = null): Bottle
{
    return new Bottle(IngredientCatalogue::shipped()->get($slug), $left, $strength);
}

function toldOn(string $day, Bottle $bottle): ToldBottle
{
    return new ToldBottle($bottle, new DateTimeImmutable("{$day}T08:00:00Z"));
}

function pouredOn(string $day, string $slug, float $mL, ?float $strength = null): Poured
{
    return new Poured($slug, $mL, $strength, new DateTimeImmutable("{$day}T09:00:00Z"));
}

// By hand: what was said, less what was poured since.
it('leaves in a bottle what was said less what was poured since', function (array $told, array $poured, array $left): void {
    /**
     * @var list<ToldBottle> $told
     * @var list<Poured>     $poured
     * @var list<float|null> $left
     */
    $now = Stock::now($told, $poured);
    foreach ($now as $i => $bottle) {
        $left[$i] === null ? expect($bottle->left)->toBeNull() : expect($bottle->left)->toEqualWithDelta($left[$i], 1e-9);
    }
})->with([
    'nothing was poured' => [[toldOn('2026-05-01', bottleOf('neem-oil', 100.0))], [], [100.0]],
    'two batches' => [[toldOn('2026-05-01', bottleOf('neem-oil', 100.0))], [pouredOn('2026-05-02', 'neem-oil', 10.0), pouredOn('2026-05-03', 'neem-oil', 5.5)], [84.5]],
    'of something else' => [[toldOn('2026-05-01', bottleOf('neem-oil', 100.0))], [pouredOn('2026-05-02', 'castile-soap', 10.0)], [100.0]],
    'before it was said' => [[toldOn('2026-05-05', bottleOf('neem-oil', 100.0))], [pouredOn('2026-05-02', 'neem-oil', 10.0)], [100.0]],
    'nobody said' => [[toldOn('2026-05-01', bottleOf('neem-oil'))], [pouredOn('2026-05-02', 'neem-oil', 10.0)], [null]],
    'more than was there' => [[toldOn('2026-05-01', bottleOf('neem-oil', 8.0))], [pouredOn('2026-05-02', 'neem-oil', 10.0)], [0.0]],
    'the first bottle, then the next' => [[toldOn('2026-05-01', bottleOf('neem-oil', 8.0)), toldOn('2026-05-01', bottleOf('neem-oil', 50.0))], [pouredOn('2026-05-02', 'neem-oil', 10.0)], [0.0, 48.0]],
    'the bottle of its strength, whichever stands first' => [[toldOn('2026-05-01', bottleOf('isopropyl-alcohol', 500.0, 91.0)), toldOn('2026-05-01', bottleOf('isopropyl-alcohol', 500.0, 70.0))], [pouredOn('2026-05-02', 'isopropyl-alcohol', 100.0, 70.0)], [500.0, 400.0]],
    // 130 mL at 70 % are 91 mL of it: 100 mL at 91 %.
    'from a stronger bottle less of it' => [[toldOn('2026-05-01', bottleOf('isopropyl-alcohol', 500.0, 91.0))], [pouredOn('2026-05-02', 'isopropyl-alcohol', 130.0, 70.0)], [400.0]],
]);

it('loses and makes nothing over a thousand batches', function (int $seed): void {
    $random = new Randomizer(new Xoshiro256StarStar($seed));
    $told = [toldOn('2026-01-01', bottleOf('neem-oil', 3_000.0)), toldOn('2026-01-01', bottleOf('neem-oil', 9_000.0)), toldOn('2026-01-01', bottleOf('castile-soap', 20_000.0))];
    $sums = ['neem-oil' => 0.0, 'castile-soap' => 0.0];
    $poured = [];
    for ($i = 0; $i < 1_000; ++$i) {
        $slug = $random->getInt(0, 1) === 1 ? 'neem-oil' : 'castile-soap';
        $much = $random->getInt(1, 15_000) / 1_000;
        $sums[$slug] += $much;
        $poured[] = new Poured($slug, $much, null, new DateTimeImmutable('2026-02-01T00:00:00Z +' . $random->getInt(0, 9_000_000) . ' seconds'));
    }
    $now = Stock::now($told, $poured);
    expect(($now[0]->left ?? 0.0) + ($now[1]->left ?? 0.0))->toEqualWithDelta(12_000.0 - $sums['neem-oil'], 1e-6)
        ->and($now[2]->left)->toEqualWithDelta(20_000.0 - $sums['castile-soap'], 1e-6);
    // What is taken back was never poured.
    $kept = array_slice($poured, 0, 400);
    $neem = array_sum(array_map(static fn(Poured $one): float => $one->slug === 'neem-oil' ? $one->millilitres : 0.0, $kept));
    $then = Stock::now($told, $kept);
    expect(($then[0]->left ?? 0.0) + ($then[1]->left ?? 0.0))->toEqualWithDelta(12_000.0 - $neem, 1e-6);
})->with([[1], [2], [3]]);

// Open peroxide is down to half in about half a year: 3 % is 1.5 % then (common practice, no source).
it('says what time did to an open bottle', function (string $slug, ?float $days, string $says): void {
    $said = BottleAge::says(bottleOf($slug), $days);
    $says === '' ? expect($said)->toBe('') : expect($said)->toContain($says);
})->with([
    'fresh peroxide' => ['hydrogen-peroxide', 7.0, ''],
    'peroxide of half a year' => ['hydrogen-peroxide', 182.0, 'some 1.5 %'],
    'peroxide of a year' => ['hydrogen-peroxide', 364.0, '0.8 %'],
    'neem of last month' => ['neem-oil', 30.0, ''],
    'neem of last year' => ['neem-oil', 400.0, 'may not stop insects from feeding'],
    'soap of three years' => ['castile-soap', 1_100.0, 'stringy'],
    'alcohol keeps' => ['isopropyl-alcohol', 2_000.0, ''],
    'nobody said' => ['hydrogen-peroxide', null, ''],
]);
