<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\CupboardReach;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Vessel\Need;
use IdleMixer\Core\Vessel\NeedTable;
use IdleMixer\Core\Wording\NeedWords;

it('reckons from what was used before', function (): void {
    expect(Need::ofUse('last', 600.0, 4, 10)->millilitres)->toEqualWithDelta(1500.0, 1e-9)
        ->and(Need::ofPlants(12, 75.0, 'pot plants')->millilitres)->toEqualWithDelta(900.0, 1e-9);
});

// A square metre wetted 10 cm deep is 100 L of soil; what a tenth of it takes is 10 L. Geometry.
it('reckons a drench from bed, depth and dryness', function (): void {
    expect(Need::ofBed(1.0, 1.0, 10.0, 0.1)->millilitres)->toEqualWithDelta(10_000.0, 1e-6)
        ->and(Need::ofPots(3, 5000.0, 0.1)->millilitres)->toEqualWithDelta(1500.0, 1e-9)
        ->and(Need::ofBed(2.0, 1.2, 15.0, NeedTable::shipped()->soil('dry')->value)->millilitres)->toBeGreaterThan(Need::ofBed(2.0, 1.2, 15.0, NeedTable::shipped()->soil('moist')->value)->millilitres);
});

it('makes the last load worth mixing', function (float $needed, float $sensible): void {
    expect(Need::sensible($needed, 2000.0))->toEqualWithDelta($sensible, 1e-9);
})->with([
    'whole loads stay' => [4000.0, 4000.0],
    'a good last load stays' => [4700.0, 4700.0],
    'a sip is left out' => [4050.0, 4000.0],
    'a little is made up to a quarter' => [4200.0, 4500.0],
    'one small load stays' => [150.0, 150.0],
]);

it('says what an amount was reckoned from', function (Need $need): void {
    expect(NeedWords::shipped()->of($need))->not->toContain('{');
})->with([
    [Need::ofPlants(2, 75.0, 'pot plants')], [Need::ofUse('trial', 100.0, 2, 3)], [Need::ofUse('last', 100.0, 2, 3)], [Need::ofBed(1.0, 2.0, 10.0, 0.1)], [Need::ofPots(2, 3000.0, 0.1)], [Need::leftBehind(60.0)],
]);

// Label-style neem, 2 tbsp a gallon: 29.57 mL in 3815 mL. 40 mL reach for 5.16 L. Common practice, no source.
it('says how far what is left reaches, and what runs out first', function (): void {
    $whole = Plans::shipped('neem-leaf-quart', 4, '[qt_us]')->whole;
    $reach = CupboardReach::of($whole, ['neem-oil' => 40.0, 'castile-soap' => 5.0, 'egg' => 50.0]);

    // 1.5 tsp neem and 0.5 tsp soap a quart: soap for 2.03 quarts, neem for 5.4.
    expect($reach->limiting)->toBe('castile-soap')
        ->and($reach->finished)->toEqualWithDelta(5.0 / (0.5 * 4.92892159375) * 956.21, 0.1)
        ->and(CupboardReach::of(Plans::shipped('neem-by-the-gallon', 1, '[gal_us]')->whole, ['neem-oil' => 40.0])->finished)->toEqualWithDelta(5160.0, 1.0)
        ->and(CupboardReach::of($whole, ['egg' => 50.0])->finished)->toBeNull();
});
