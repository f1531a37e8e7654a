<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\PreDilution;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/**
 * The fewest fills there are, by trying all: one of the dose, up to four of water, up to four of the thinned mix.
 *
 * @param list<array{float, bool}> $measures mL, and whether it counts drops
 */
function fewestFills(array $measures, float $wanted, ?float $heavy): ?int
{
    $least = null;
    $dry = array_filter($measures, static fn(array $one): bool => ! $one[1]);
    foreach ($heavy !== null && $dry !== [] ? $dry : $measures as [$dose]) {
        foreach ($measures as [$water]) {
            foreach ($measures as [$use]) {
                for ($w = 1; $w <= 4; ++$w) {
                    for ($u = 1; $u <= 4; ++$u) {
                        $room = ($heavy === null ? $dose : 0.0) + $w * $water;
                        $dissolves = $heavy === null || $dose * $heavy <= 0.069 * $w * $water * (1.0 + 1e-9);
                        $off = abs($u * $use * $dose / $room - $wanted) / $wanted;
                        if ($dissolves && $u * $use <= $room && $off <= 0.05) {
                            $least = min($least ?? 99, 1 + $w + $u);
                        }
                    }
                }
            }
        }
    }

    return $least;
}

it('finds the way with the fewest fills, for what is liquid and for powder', function (array $sizes, ?float $heavy): void {
    /** @var list<float> $sizes */
    $measures = array_map(static fn(float $mL): Measure => Measure::holding(Amount::of($mL, Unit::Millilitre)), $sizes);
    $plain = array_map(static fn(float $mL): array => [$mL, false], $sizes);
    $found = 0;
    for ($wanted = 0.07; $wanted < 6.0; $wanted *= 1.07) {
        $way = PreDilution::of($measures, $wanted, $heavy);
        $fills = $way?->fills();
        expect($fills)->toBe(fewestFills($plain, $wanted, $heavy), "{$wanted} mL");
        $found += $way === null ? 0 : 1;
    }
    expect($found)->toBeGreaterThan(5);
})->with([
    'three spoons' => [[15.0, 5.0, 2.5], null],
    'a cup and spoons' => [[240.0, 15.0, 5.0, 1.25], null],
    'one spoon' => [[5.0], null],
    'spoons of no system' => [[17.0, 7.3, 3.1], null],
    'powder in a cup' => [[240.0, 60.0, 15.0, 5.0, 2.5, 1.25], 0.93],
    'powder, and water by the cup only' => [[240.0, 5.0], 0.93],
]);

it('dips no dropper into powder, though it takes more fills without', function (): void {
    $measures = [...array_map(static fn(float $mL): Measure => Measure::holding(Amount::of($mL, Unit::Millilitre)), [240.0, 5.0]), Measure::holding(Amount::of(20.0, Unit::Drop))];
    $drops = $measures[2]->millilitres;
    $worse = 0;
    for ($wanted = 0.05; $wanted < 2.0; $wanted *= 1.05) {
        $way = PreDilution::of($measures, $wanted, 0.93);
        $fills = $way?->fills();
        expect($way?->dose?->measure->isDropper)->not->toBeTrue("{$wanted} mL")
            ->and($fills)->toBe(fewestFills([[240.0, false], [5.0, false], [$drops, true]], $wanted, 0.93), "{$wanted} mL");
        $worse += fewestFills([[240.0, false], [5.0, false], [$drops, false]], $wanted, 0.93) === $fills ? 0 : 1;
    }
    expect($worse)->toBeGreaterThan(0);
});

// By hand: a teaspoon of 5 mL in three of water is a quarter of it; in two, a third.
it('goes by hand', function (float $wanted, array $fills): void {
    $way = PreDilution::of([Measure::holding(Amount::of(5.0, Unit::Millilitre))], $wanted);
    expect($way === null ? [] : [$way->dose?->count, $way->water?->count, $way->use->count])->toBe($fills)
        ->and($way?->millilitres() ?? $wanted)->toEqualWithDelta($wanted, 0.05 * $wanted);
})->with([[2.5, [1, 1, 1]], [1.667, [1, 2, 1]], [1.25, [1, 3, 1]], [1.0, [1, 4, 1]], [3.33, [1, 2, 2]], [0.5, []], [3.75, [1, 3, 3]]]);
