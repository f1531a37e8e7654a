<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Vessel\CommonSprayer;
use IdleMixer\Core\Vessel\SprayerShape;

// What is sold in which size (common practice, no source).
it('takes a sprayer for what one of its size mostly is', function (float $ml, SprayerShape $shape): void {
    expect(SprayerShape::likely(Volume::ofMillilitres($ml)))->toBe($shape);
})->with([
    'a jar for swabs' => [250, SprayerShape::SwabJar],
    'a pint' => [473, SprayerShape::TriggerBottle],
    'a litre and a half' => [1500, SprayerShape::TriggerBottle],
    'a gallon' => [3785, SprayerShape::PumpCan],
    'two gallons' => [7571, SprayerShape::PumpCan],
    'four gallons' => [15141, SprayerShape::Knapsack],
]);

it('draws every common sprayer as what its size is, but for what stands open', function (): void {
    $all = CommonSprayer::shipped();
    expect(count($all))->toBeGreaterThan(4);
    foreach ($all as $one) {
        expect(in_array($one->shape, [SprayerShape::likely($one->holds->volume()), SprayerShape::WateringCan, SprayerShape::Bucket], true))->toBeTrue($one->name);
    }
});

it('has only sets whose measures can be measured with', function (): void {
    $sets = SpoonSets::shipped();
    foreach ($sets->slugs() as $slug) {
        expect($sets->name($slug))->not->toBe('')->and($sets->measures($slug))->not->toBe([]);
        foreach ($sets->measures($slug) as $row) {
            expect(Amount::of($row['amount'], Unit::from($row['unit']))->inBase())->toBeGreaterThan(0.5)
                ->and($row['kind'])->toBe($row['step'] === null ? 'level' : 'marked');
        }
    }
    // NIST Handbook 44: the US tablespoon is 14.787 mL, three teaspoons.
    [$tablespoon, $teaspoon] = array_map(static fn(array $row): float => Amount::of($row['amount'], Unit::from($row['unit']))->inBase(), array_slice($sets->measures('us'), 0, 2));
    expect($tablespoon)->toEqualWithDelta(14.787, 0.001)->and($tablespoon / $teaspoon)->toEqualWithDelta(3.0, 1e-9)
        ->and($sets->measures('none-such'))->toBe([]);
});
