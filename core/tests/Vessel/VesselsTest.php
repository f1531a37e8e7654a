<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Measure\Fills;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\MeasuredIn;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Vessel\FillMarks;
use IdleMixer\Core\Vessel\Need;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * Vessels whose volume geometry gives: V = pi r² h of a cylinder, pi h (R² + R r + r²) / 3 of a frustum.
 */

it('marks a straight can where geometry has the marks', function (): void {
    $radius = 52.0;
    $height = static fn(float $ml): float => 1000.0 * $ml / (M_PI * $radius ** 2);
    $marks = FillMarks::of(array_map(static fn(float $ml): array => [$ml, $height($ml)], [300.0, 700.0, 1500.0]));

    foreach ($marks->marks(Unit::Litre) as $mark) {
        expect($mark['mm'])->toEqualWithDelta($height($mark['amount']->inBase()), 1e-9);
    }
    expect($marks->marks(Unit::UsQuart))->not->toBeEmpty();
});

it('marks a tapering bucket within half a millimetre, when it was poured in often enough', function (): void {
    // Foot 80 mm, mouth 120 mm across the radius, 250 mm high.
    $volume = static function (float $mm): float {
        $top = 80.0 + 40.0 * $mm / 250.0;

        return M_PI * $mm * (80.0 ** 2 + 80.0 * $top + $top ** 2) / 3.0 / 1000.0;
    };
    $pours = [];
    for ($mm = 25.0; $mm <= 250.0; $mm += 25.0) {
        $pours[] = [$volume($mm), $mm];
    }
    $marks = FillMarks::of($pours);
    foreach ($marks->marks(Unit::Litre) as $mark) {
        expect($volume($mark['mm']))->toEqualWithDelta($mark['amount']->inBase(), 0.5 * M_PI * 120.0 ** 2 / 1000.0);
    }
});

it('puts no more marks on a strip than people read, rising, in round steps', function (Unit $unit, float $millilitres): void {
    $marks = FillMarks::of([[$millilitres, 200.0]])->marks($unit);
    expect(count($marks))->toBeGreaterThanOrEqual(4)->toBeLessThanOrEqual(12);
    foreach ($marks as $i => $mark) {
        expect($mark['mm'])->toBeGreaterThan($i === 0 ? 0.0 : $marks[$i - 1]['mm'])->toBeLessThanOrEqual(200.0 + 1e-9)
            ->and($mark['amount']->value)->toEqualWithDelta(($i + 1) * $marks[0]['amount']->value, 1e-9);
    }
})->with([[Unit::Litre, 1000.0], [Unit::Litre, 15_000.0], [Unit::UsGallon, 3785.411784], [Unit::UsGallon, 15_141.6], [Unit::Millilitre, 500.0], [Unit::UsQuart, 946.35], [Unit::ImperialPint, 2273.0], [Unit::UsFluidOunce, 700.0]]);

it('asks for no fill that is not on the syringe, whatever is wanted', function (): void {
    $random = new Randomizer(new Mt19937(51));
    for ($round = 0; $round < 120; ++$round) {
        $step = [0.1, 0.2, 0.5, 1.0, 2.0, 5.0][$random->getInt(0, 5)];
        $last = $step * $random->getInt(3, 40);
        $kit = Fills::thinned([array_map(static fn(Amount $mark): Measure => Measure::holding($mark), Graduation::marks(Amount::of($last, Unit::Millilitre), $step)), [Measure::holding(Amount::of(1, Unit::UsTablespoon))]]);
        $planner = new ScoopPlanner($kit);
        $plan = $planner->plan($random->getInt(1, 4000) / 40);
        foreach ($plan->scoops as $scoop) {
            $ml = $scoop->measure->amount->value;
            $onIt = $scoop->measure->amount->unit === Unit::Millilitre
                && abs($ml / $step - round($ml / $step)) < 1e-6
                && $ml <= $last + 1e-9;
            expect($onIt || $scoop->measure->amount->unit === Unit::UsTablespoon)->toBeTrue("{$ml} mL by marks of {$step}");
        }
    }
});

it('leaves a last load that can be measured, and hardly less than is needed', function (): void {
    $random = new Randomizer(new Mt19937(52));
    for ($round = 0; $round < 300; ++$round) {
        $sprayer = (float) $random->getInt(500, 16_000);
        $needed = (float) $random->getInt(50, 60_000);
        $made = Need::sensible($needed, $sprayer);
        $last = fmod($made, $sprayer);
        // A remainder within the tolerance of any spoon is left out: a twentieth of a sprayer.
        expect($made)->toBeGreaterThanOrEqual($needed - 0.05 * $sprayer - 1e-6)
            ->and($made - $needed)->toBeLessThanOrEqual(0.25 * $sprayer + 1e-6)
            // A last load under a quarter of the sprayer is hard to measure (our own line).
            ->and($made <= $sprayer || $last < 1e-6 || $last >= 0.25 * $sprayer - 1e-6 || $sprayer - $last < 1e-6)->toBeTrue("{$needed} of {$sprayer}: {$made}");
    }
});

it('adds up beds and pots as boxes of soil', function (): void {
    // 2 m × 1.2 m × 12 cm are 288 L of soil; a tenth of that is 28.8 L.
    expect(Need::ofBed(2.0, 1.2, 12.0, 0.1)->millilitres)->toEqualWithDelta(28_800.0, 1e-6)
        ->and(Need::ofBed(4.0, 0.6, 12.0, 0.1)->millilitres)->toEqualWithDelta(28_800.0, 1e-6)
        // 10 ft × 4 ft × 6 in are 20 cubic feet, each 28.316846592 L (from the inch of 25.4 mm).
        ->and(Need::ofBed(10.0, 4.0, 6.0, 0.1, MeasuredIn::Feet)->millilitres)->toEqualWithDelta(2 * 28_316.846592, 1e-6)
        ->and(Need::ofPots(4, 5000.0, 0.1)->millilitres)->toEqualWithDelta(2000.0, 1e-6)
        ->and(Need::ofUse('last', 500.0, 2, 3)->millilitres)->toEqualWithDelta(750.0, 1e-9);
});

it('takes a first pour however small, and each that brings more than the one before', function (array $pours, bool $taken): void {
    /** @var list<array{float, float}> $pours */
    $fault = '';
    try {
        FillMarks::of($pours);
    } catch (InvalidDocument $refused) {
        $fault = $refused->path();
    }
    expect($fault)->toBe($taken ? '' : '/pours/' . (count($pours) - 1));
})->with([
    'half a millilitre' => [[[0.5, 0.5]], true],
    'nothing' => [[[0.0, 1.0]], false],
    'no height' => [[[1.0, 0.0]], false],
    'more and higher' => [[[100.0, 10.0], [100.5, 10.1]], true],
    'no more' => [[[100.0, 10.0], [100.0, 20.0]], false],
    'no higher' => [[[100.0, 10.0], [200.0, 10.0]], false],
]);
