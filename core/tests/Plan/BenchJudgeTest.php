<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Plan\BenchJudge;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Tests\Support\Plans;

/**
 * @param array<string, mixed> $more
 *
 * @return array{bool, bool} whether soap kills, and whether the oil is held
 */
function soapAndOil(string $slug, ?float $hardness, array $more = []): array
{
    $plan = Plans::shipped($slug, 1.0, 'L', [...$more, ...($hardness === null ? [] : ['water' => ['hardness' => ['amount' => $hardness, 'unit' => 'mg/L']]])]);
    $judge = BenchJudge::of(Limits::shipped(), Emulsifier::shipped(), ToleranceCatalogue::shipped());

    return [$judge->soapKills($plan->bench, $plan->whole, $plan->strengths), $judge->holds($plan->bench, $plan->whole)];
}

// By hand: a litre of plain soap holds 10 mL of castile, and half of that must stay free (0.5 %, common practice, no source). Hardness
// takes 1.68 mL per 100 mg in a litre of water (SoapBudget), so that 5 mL are gone at 300 mg/L in the 990 mL that are water.
it('asks whether the water leaves enough soap to kill', function (?float $hardness, float $factor, bool $kills): void {
    expect(soapAndOil('plain-soap', $hardness, ['factor' => $factor])[0])->toBe($kills);
})->with([
    'soft' => [0.0, 1.0, true],
    'moderately hard' => [150.0, 1.0, true],
    'just enough is left' => [292.0, 1.0, true],
    'just too little is left' => [308.0, 1.0, false],
    'very hard' => [450.0, 1.0, false],
    'nobody knows' => [null, 1.0, true],
    'half the soap in soft water' => [0.0, 0.5, true],
    'half the soap in hardly any hardness' => [20.0, 0.5, false],
    'twice the soap in very hard water' => [450.0, 2.0, true],
]);

it('says that detergent does not lose to hardness, and is no true soap', function (): void {
    expect(soapAndOil('mild-soap', 0.0)[0])->toBeFalse()->and(soapAndOil('mild-soap', 400.0))->toBe(soapAndOil('mild-soap', 0.0));
});

// Common practice, no source: true soap holds oil in soft water and drops out of hard.
it('asks whether the oil stays in', function (string $slug, float $hardness, bool $holds): void {
    expect(soapAndOil($slug, $hardness)[1])->toBe($holds);
})->with([
    'no oil in it' => ['plain-soap', 400.0, true],
    'soft' => ['neem-leaf-quart', 0.0, true],
    'very hard' => ['neem-leaf-quart', 400.0, false],
]);
