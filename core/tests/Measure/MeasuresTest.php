<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Calibration;
use IdleMixer\Core\Measure\Fills;
use IdleMixer\Core\Measure\Graduation;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\PreDilution;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Vessel\FillMarks;
use IdleMixer\Core\Wording\Sentences;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('finds what a drop or a spoon really holds', function (): void {
    // 30 drops filled 2 mL: a household drop is larger than the pharmacist's 1/20 mL (UCUM).
    expect(Calibration::byFilling(30, Volume::of(2, Unit::Millilitre))->millilitres())->toEqualWithDelta(2 / 30, 1e-12)
        // 10 level spoons of water weighed 47 g; water near 20 °C is 0.9982 g/mL (IAPWS, CRC Handbook, from memory).
        ->and(Calibration::byWeighing(10, 47.0)->millilitres())->toEqualWithDelta(4.7085, 0.0001)
        // Baking soda: 4.6 g a US teaspoon (USDA FoodData Central, from memory), so ten of them weigh 46 g.
        ->and(Calibration::byWeighing(10, 46.0, 4.6 / 4.92892159375)->millilitres())->toEqualWithDelta(4.92892159375, 1e-9)
        ->and(static fn(): Volume => Calibration::byFilling(0, Volume::of(2, Unit::Millilitre)))->toThrow(InvalidQuantity::class)
        ->and(static fn(): Volume => Calibration::byFilling(3, Volume::ofMillilitres(0.0)))->toThrow(InvalidQuantity::class)
        ->and(static fn(): Volume => Calibration::byWeighing(3, 0.0))->toThrow(InvalidQuantity::class);
});

it('fills only to marks that are there', function (): void {
    $marks = array_map(static fn(Amount $mark): float => $mark->value, Graduation::marks(Amount::of(5, Unit::Millilitre), 0.5));
    expect($marks)->toBe([0.5, 1.0, 1.5, 2.0, 2.5, 3.0, 3.5, 4.0, 4.5, 5.0])
        ->and(static fn(): array => Graduation::marks(Amount::of(5, Unit::Millilitre), 6.0))->toThrow(InvalidQuantity::class)
        ->and(static fn(): array => Graduation::marks(Amount::of(5, Unit::Millilitre), 0.001))->toThrow(InvalidQuantity::class)
        ->and(static fn(): array => Graduation::marks(Amount::of(5, Unit::Millilitre), -1.0))->toThrow(InvalidQuantity::class);
});

it('keeps every spoon and thins the marks to what a request has room for', function (): void {
    $spoons = array_map(static fn(int $ml): array => [Measure::holding(Amount::of($ml, Unit::Millilitre))], range(1, 10));
    $syringe = array_map(static fn(Amount $mark): Measure => Measure::holding($mark), Graduation::marks(Amount::of(60, Unit::Millilitre), 0.5));
    $fills = Fills::thinned([...$spoons, $syringe, array_map(static fn(Amount $mark): Measure => Measure::holding($mark), Graduation::marks(Amount::of(10, Unit::Millilitre), 1.0))]);
    $values = array_map(static fn(Measure $fill): float => $fill->amount->value, $fills);

    // A request takes 60 (the open documents): ten spoons leave 25 to each of the two, of which one has but ten marks. Of 120 marks every
    // 4.8th is kept, the 5th, the 10th, the 14th and so on to the last.
    expect($values)->toHaveCount(45)->toContain(1.0, 10.0, 60.0)->and(array_slice($values, 10, 3))->toBe([2.5, 5.0, 7.0])
        ->and(Fills::thinned([]))->toBe([]);
});

it('prefers one kind of spoon among equally few', function (): void {
    $planner = new ScoopPlanner(array_map(static fn(float $ml): Measure => Measure::holding(Amount::of($ml, Unit::Millilitre)), [15.0, 10.0, 5.0]));
    // 20 mL is 15 + 5, or 10 + 10: two fills either way.
    expect(count($planner->plan(20.0)->scoops))->toBe(1)->and($planner->plan(20.0)->count())->toBe(2);
});

it('weighs where that is nearer or saves work', function (): void {
    $planner = new ScoopPlanner([Measure::holding(Amount::of(1, Unit::UsTablespoon))], Amount::of(1, Unit::Gram));

    expect($planner->plan(2 * 14.78676478125, 0.92)->scoops[0]->measure->amount->unit)->toBe(Unit::UsTablespoon)
        // 10 mL is no tablespoon: 9 g of oil at 0.92 g/mL are 9.8 mL.
        ->and($planner->plan(10.0, 0.92)->scoops[0]->count)->toBe(9)
        ->and($planner->plan(10.0, 0.92)->millilitres())->toEqualWithDelta(9 / 0.92, 1e-9)
        // Ten spoonfuls are more work than one weighing.
        ->and($planner->plan(10 * 14.78676478125, 0.92)->scoops[0]->measure->amount->unit)->toBe(Unit::Gram)
        ->and($planner->plan(10 * 14.78676478125)->scoops[0]->measure->amount->unit)->toBe(Unit::UsTablespoon);
});

// Common practice, no source: what is too little to measure is thinned first.
it('thins what is too little for any spoon', function (): void {
    $kitchen = array_map(static fn(array $row): Measure => Measure::holding(Amount::of(...$row)), [[1.0, Unit::UsCup], [1.0, Unit::UsTablespoon], [1.0, Unit::UsTeaspoon], [0.5, Unit::UsTeaspoon], [0.25, Unit::UsTeaspoon]]);
    $way = PreDilution::of($kitchen, 0.4);
    expect($way?->millilitres())->toEqualWithDelta(0.4, 0.4 * 0.05);

    $random = new Randomizer(new Mt19937(7));
    $found = 0;
    for ($round = 0; $round < 200; ++$round) {
        $wanted = $random->getInt(5, 120) / 100;
        $way = PreDilution::of($kitchen, $wanted);
        if ($way?->dose !== null && $way->water !== null) {
            ++$found;
            // Again from scratch: a share of the thinned mix, and no more of it than there is.
            $there = $way->dose->count * $way->dose->measure->millilitres + $way->water->count * $way->water->measure->millilitres;
            $taken = $way->use->count * $way->use->measure->millilitres;
            expect($taken / $there * $way->dose->measure->millilitres)->toEqualWithDelta($wanted, $wanted * 0.05 + 1e-9)->and($taken)->toBeLessThanOrEqual($there);
        }
    }
    expect($found)->toBeGreaterThan(100);
});

// CRC Handbook of Chemistry and Physics, from memory: 69 g of baking soda dissolve in a litre of water at 0 °C.
it('dissolves a powder in as much water as it takes', function (): void {
    $kitchen = Kit::kitchen()->measures;
    $found = 0;
    for ($wanted = 0.3; $wanted < 9.0; $wanted += 0.1) {
        $way = PreDilution::of($kitchen, $wanted, 0.93);
        if ($way !== null) {
            ++$found;
            [$water, $dose] = [$way->water?->millilitres() ?? 0.0, $way->dose?->millilitres() ?? 0.0];
            expect($dose * 0.93 / $water)->toBeLessThanOrEqual(0.069 + 1e-9)
                ->and($way->use->millilitres() / $water * $dose)->toEqualWithDelta($wanted, $wanted * 0.05 + 1e-9)
                ->and($way->use->millilitres())->toBeLessThanOrEqual($water + 1e-9);
        }
    }
    expect($found)->toBeGreaterThan(30);
});

it('offers a larger batch, and a thinned dose of what mixes with water', function (string $ingredient, bool $thinned): void {
    $plan = Plans::of([
        'recipe' => Plans::recipe([['ingredient' => $ingredient, 'amount' => 0.4, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']),
        'make' => ['amount' => 1, 'unit' => 'L'],
        'measures' => [['amount' => 1, 'unit' => '[tsp_us]'], ['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[cup_us]']],
    ]);
    $coarse = array_values(array_filter($plan->verdicts, static fn(Verdict $verdict): bool => $verdict->code === 'measure-coarse'))[0];
    $text = Sentences::shipped()->verdict($coarse);

    // A teaspoon of 4.93 mL is 0.4 mL a litre of 12.3 L.
    expect($coarse->args['larger'] ?? 12.3223)->toEqualWithDelta(12.3223, 0.0001)
        ->and(str_contains($text, 'The steps thin it first'))->toBe($thinned)
        ->and(str_contains($text, '{'))->toBeFalse();
})->with([['castile-soap', true], ['isopropyl-alcohol', true], ['neem-oil', false]]);

it('draws the marks of a sprayer from what was poured into it', function (): void {
    // A straight wall of 10 mm per 100 mL up to 500 mL, and a shoulder twice as steep above.
    $marks = FillMarks::of([[500.0, 50.0], [1000.0, 150.0]]);

    expect($marks->heightOf(250.0))->toEqualWithDelta(25.0, 1e-9)
        ->and($marks->heightOf(750.0))->toEqualWithDelta(100.0, 1e-9)
        ->and($marks->heightOf(1000.0))->toEqualWithDelta(150.0, 1e-9)
        ->and($marks->heightOf(1001.0))->toBeNull()
        ->and(array_map(static fn(array $mark): float => $mark['amount']->value, $marks->marks(Unit::Litre)))->toBe([0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0])
        ->and($marks->marks(Unit::UsFluidOunce)[0]['amount']->value)->toBe(5.0)
        ->and(FillMarks::of([])->marks(Unit::Litre))->toBe([]);
});

it('refuses pours that do not rise', function (float $ml, float $mm): void {
    expect(static fn(): FillMarks => FillMarks::of([[500.0, 50.0], [$ml, $mm]]))->toThrow(IdleMixer\Core\Document\InvalidDocument::class);
})->with([[500.0, 60.0], [400.0, 60.0], [600.0, 50.0], [600.0, 40.0]]);
