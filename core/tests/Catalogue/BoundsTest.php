<?php

declare(strict_types=1);

use IdleMixer\Core\Ask\Courses;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Vessel\FillMarks;

/*
 * Where the lines lie between what is taken and what is refused, and between one figure and the next: the open documents, or the house's own.
 */
it('puts marks as far apart as people read them', function (float $millilitres, float $step): void {
    // The house's own: of 50, 100, 125, 250 mL and so on the smallest of which no more than twelve stand on a sprayer.
    expect(FillMarks::of([[$millilitres, 300.0]])->marks(Unit::Millilitre)[0]['amount']->value)->toBe($step);
})->with([
    [6.5, 1.0], [13.0, 2.0], [25.0, 5.0], [61.0, 10.0], [130.0, 25.0], [320.0, 50.0], [600.0, 50.0], [610.0, 100.0], [1300.0, 250.0], [3100.0, 500.0], [6100.0, 1000.0], [12_100.0, 2500.0], [31_000.0, 5000.0],
]);

it('puts marks as far apart in litres, too', function (float $litres, float $step): void {
    expect(FillMarks::of([[1000.0 * $litres, 300.0]])->marks(Unit::Litre)[0]['amount']->value)->toBe($step);
})->with([[0.5, 0.05], [0.6, 0.05], [0.7, 0.1], [1.3, 0.125], [1.6, 0.25], [3.5, 0.5]]);

it('says to the tenth, upwards, how many times as much would do', function (string $ingredient, float $percent, float $times): void {
    // Common practice: alcohol 10 % pure against wax, neem 0.15 %, soda 0.3 g per 100 mL. 10 / 3 = 3.33, 0.15 / 0.08 = 1.875, 0.3 / 0.21 = 1.43.
    $line = $ingredient === 'isopropyl-alcohol' ? ['ingredient' => $ingredient, 'amount' => 10.0 * $percent / 0.7, 'unit' => 'mL', 'strength' => 70] : ['ingredient' => $ingredient, 'amount' => 10.0 * $percent, 'unit' => $ingredient === 'baking-soda' ? 'g' : 'mL'];
    $plan = Plans::of(['recipe' => Plans::recipe([$line], ['amount' => 1000, 'unit' => 'mL', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);
    $weak = array_values(array_filter($plan->verdicts, static fn(Verdict $verdict): bool => str_starts_with($verdict->code, 'weak-')));
    expect($weak[0]->args['times'] ?? null)->toEqualWithDelta($times, 1e-9);
})->with([['isopropyl-alcohol', 3.0, 3.4], ['neem-oil', 0.08, 1.9], ['baking-soda', 0.21, 1.5]]);

it('takes what measures, and what is a pace, up to its bounds', function (Closure $read, bool $taken): void {
    try {
        $read();
        $said = true;
    } catch (InvalidDocument) {
        $said = false;
    }
    expect($said)->toBe($taken);
})->with([
    'a thousandth of a mL' => [static fn() => AmountReader::measure(JsonText::parse('{"amount": 0.001, "unit": "mL"}'), Dimension::Volume), true],
    'less' => [static fn() => AmountReader::measure(JsonText::parse('{"amount": 0.0009, "unit": "mL"}'), Dimension::Volume), false],
    'a bucket' => [static fn() => AmountReader::measure(JsonText::parse('{"amount": 20, "unit": "L"}'), Dimension::Volume), true],
    'more' => [static fn() => AmountReader::measure(JsonText::parse('{"amount": 20.1, "unit": "L"}'), Dimension::Volume), false],
    'ten thousand litres' => [static fn() => AmountReader::read(JsonText::parse('{"amount": 10000, "unit": "L"}'), Dimension::Volume), true],
    'and a litre' => [static fn() => AmountReader::read(JsonText::parse('{"amount": 10001, "unit": "L"}'), Dimension::Volume), false],
    'a pace of a year' => [static fn() => Courses::shipped()->answer(JsonText::parse('{"trouble": "aphids", "methods": ["neem-leaf-quart"], "start": "2027-05-01", "zone": "UTC", "pressure": "moderate", "temperature_C": 20, "everyDays": 366}')), true],
    'a longer one' => [static fn() => Courses::shipped()->answer(JsonText::parse('{"trouble": "aphids", "methods": ["neem-leaf-quart"], "start": "2027-05-01", "zone": "UTC", "pressure": "moderate", "temperature_C": 20, "everyDays": 367}')), false],
]);
