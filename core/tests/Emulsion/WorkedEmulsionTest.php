<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\Contents;
use IdleMixer\Core\Emulsion\Creaming;
use IdleMixer\Core\Emulsion\Droplets;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\Stokes;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Tests\Support\Plans;

/*
 * The emulsion reckoned once more from its formulas (Szyszkowski 1908 for the tension, Hinze 1955 for the drop, Stokes 1851
 * for its rise, two moles of oleate to one of lime) and the figures of its catalogue, in another language, with the normal
 * quantile of that language's own library. A litre of finished spray; water of 20 °C has 998.2 kg/m³ and 1.0016 mPa s.
 */

it('breaks oil up, loses soap and rises as it does when it is reckoned once more', function (string $oil, float $oilMl, string $holder, float $holderMl, MixingOrder $order, float $hardness, float $micrometres, float $lost, float $needed, float $seconds): void {
    $recipe = Plans::recipe([['ingredient' => $oil, 'amount' => $oilMl, 'unit' => 'mL'], ['ingredient' => $holder, 'amount' => $holderMl, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], order: $order->value);
    $in = Contents::of(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']])->whole);
    $emulsifier = Emulsifier::shipped();
    $budget = $emulsifier->budget($in, $hardness);

    expect($emulsifier->droplets($in, $hardness, $order, 20.0)->median)->toEqualWithDelta($micrometres, 0.0005 * $micrometres)
        ->and($budget->lost)->toEqualWithDelta($lost, 0.0005)
        ->and($budget->needed)->toEqualWithDelta($needed, 0.0005)
        // The viscosity of water is a formula here and a figure there.
        ->and($emulsifier->reshakeSeconds($emulsifier->creaming($in, $hardness, $order, 20.0)))->toEqualWithDelta($seconds, 0.01 * $seconds);
})->with([
    ['neem-oil', 10.0, 'castile-soap', 5.0, MixingOrder::AllTogether, 0.0, 42.0, 0.0, 0.6620, 81.83],
    ['neem-oil', 10.0, 'castile-soap', 5.0, MixingOrder::AllTogether, 250.0, 42.0, 4.1395, 0.6620, 81.83],
    ['neem-oil', 10.0, 'castile-soap', 2.0, MixingOrder::SoapThenOil, 60.0, 40.0, 0.9965, 0.6620, 90.22],
    ['neem-oil', 10.0, 'castile-soap', 5.0, MixingOrder::CupPremix, 100.0, 36.0, 1.6558, 0.6620, 111.4],
    ['neem-oil', 10.0, 'castile-soap', 5.0, MixingOrder::EmulsifierFirst, 100.0, 3.0, 1.6558, 0.6620, 16039.0],
    // All the soap is scum: the drops are those of oil in bare water.
    ['neem-oil', 10.0, 'castile-soap', 1.0, MixingOrder::AllTogether, 120.0, 138.813, 1.0, 0.6620, 7.492],
    ['neem-oil', 10.0, 'castile-soap', 3.0, MixingOrder::CupPremix, 300.0, 138.813, 3.0, 0.6620, 7.492],
    ['neem-oil', 20.0, 'castile-soap', 1.0, MixingOrder::EmulsifierFirst, 150.0, 138.813, 1.0, 1.0241, 7.492],
    // Less than its critical concentration is there, in what water and oil make up together.
    ['neem-oil', 10.0, 'castile-soap', 0.5, MixingOrder::SoapThenOil, 20.0, 47.4030, 0.3327, 0.6620, 64.24],
    ['vegetable-oil', 20.0, 'dish-detergent', 0.3, MixingOrder::AllTogether, 300.0, 48.9150, 0.0, 1.5994, 60.33],
    ['vegetable-oil', 20.0, 'dish-detergent', 5.0, MixingOrder::AllTogether, 300.0, 42.0, 0.0, 1.5994, 81.83],
    ['horticultural-oil', 20.0, 'castile-soap', 2.0, MixingOrder::Blender, 0.0, 2.5, 0.0, 0.9690, 12187.0],
    ['horticultural-oil', 20.0, 'castile-soap', 0.2, MixingOrder::AllTogether, 0.0, 85.6664, 0.0, 0.9690, 10.379],
]);

it('stands, is drawn and is sprayed empty as it is when that is reckoned once more', function (): void {
    // Twenty equal shares about a median of 50 µm with a spread of 1.7, 78 kg/m³ lighter than water of 1.0 mPa s.
    $creaming = new Creaming(new Droplets(50.0, 1.7), new Stokes(78.0, 1.0));
    $tenths = $creaming->tenths(200.0, 600.0);

    expect($creaming->drawn(15.0, 60.0))->toBe(0.8)->and($creaming->drawn(15.0, 200.0))->toBe(0.35)->and($creaming->drawn(15.0, 0.0))->toBe(1.0)
        ->and($creaming->onTop(80.0, 60.0))->toEqualWithDelta(0.132255, 1e-6)
        ->and($creaming->onTop(80.0, 300.0))->toEqualWithDelta(0.488807, 1e-6)
        ->and($creaming->secondsToDrift(15.0, 0.2))->toEqualWithDelta(57.7972, 1e-4)
        ->and($tenths[0])->toEqualWithDelta(0.575988, 1e-6)->and($tenths[8])->toBe($tenths[0])->and($tenths[9])->toEqualWithDelta(4.816106, 1e-5);
});
