<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\Scoop;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\UnitNames;
use IdleMixer\Core\Wording\Durations;
use IdleMixer\Core\Wording\EyeWords;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\Measures;

// Rounded by hand to three figures that matter.
it('keeps three figures that matter', function (float $number, string $said): void {
    expect(Figures::short($number))->toBe($said);
})->with([
    [0.77216, '0.772'], [29.5735, '29.6'], [3785.4, '3790'], [0.05, '0.05'], [99.96, '100'], [-2.345, '-2.35'],
    [0.0, '0'], [1.0, '1'], [9.994, '9.99'], [9.996, '10'], [10.04, '10'], [10.06, '10.1'], [99.94, '99.9'], [100.4, '100'], [999.4, '999'], [999.6, '1000'], [1234.0, '1230'],
    [123_456.0, '123000'], [0.1234, '0.123'], [0.01236, '0.0124'], [0.001236, '0.00124'], [0.0001236, '0.000124'], [0.00001236, '0.000012'], [1e7, '10000000'], [12_345_678.0, '12300000'],
    [-0.5, '-0.5'], [-1234.0, '-1230'], [-0.01236, '-0.0124'],
]);

// Two figures; what is nearly all keeps a third, so that it is not said to be all.
it('says shares to two figures', function (float $percent, string $said): void {
    expect(Figures::percent($percent))->toBe($said);
})->with([[0.0, '0'], [0.0123, '0.012'], [0.774, '0.77'], [0.776, '0.78'], [2.84, '2.8'], [2.86, '2.9'], [9.96, '10'], [25.4, '25'], [98.6, '99'], [98.4, '98'], [99.0, '99'], [99.44, '99.4'], [99.6, '99.6'], [99.96, '100'], [100.0, '100'], [123.0, '120']]);

it('calls what no hand can measure a trace', function (float $from, float $to, string $said): void {
    expect(Figures::strengths($from, $to, '%', 'neem oil'))->toBe($said);
})->with([
    [0.77, 0.77, '0.77 % neem oil'], [0.5, 1.0, '0.5 to 1 % neem oil'], [1.0, 0.5, '0.5 to 1 % neem oil'], [0.771, 0.774, '0.77 % neem oil'], [0.0, 0.5, 'a trace to 0.5 % neem oil'],
    [0.01, 0.04, 'a trace of neem oil'], [0.049, 0.05, 'a trace to 0.05 % neem oil'], [0.05, 0.05, '0.05 % neem oil'],
]);

it('says spoons with the fractions of a kitchen', function (float $number, string $said): void {
    expect(Figures::kitchen($number))->toBe($said);
})->with([
    [1.5, '1½'], [2.0, '2'], [2.75, '2¾'], [1.3, '1.3'], [4.375, '4⅜'], [1.875, '1⅞'], [0.62, '0.62'],
    [0.0, '0'], [1 / 8, '⅛'], [1 / 4, '¼'], [1 / 3, '⅓'], [3 / 8, '⅜'], [1 / 2, '½'], [5 / 8, '⅝'], [2 / 3, '⅔'], [3 / 4, '¾'], [7 / 8, '⅞'], [1.0, '1'], [1 + 1 / 3, '1⅓'], [11.5, '11½'],
    [0.2, '0.2'], [0.50001, '0.5'], [1.999_999_9, '2'], [2.000_000_4, '2'], [0.333_333, '⅓'], [1000.25, '1000¼'], [1.26, '1.26'],
]);

it('names each unit as a kitchen does', function (string $unit, string $one, string $many): void {
    expect([UnitNames::spoken(Unit::from($unit)), UnitNames::spoken(Unit::from($unit), true)])->toBe([$one, $many]);
})->with([
    ['[tsp_us]', 'tsp', 'tsp'], ['[tbs_us]', 'tbsp', 'tbsp'], ['[foz_us]', 'US fl oz', 'US fl oz'], ['[cup_us]', 'cup', 'cups'], ['[pt_us]', 'US pt', 'US pt'], ['[qt_us]', 'US qt', 'US qt'], ['[gal_us]', 'US gal', 'US gal'],
    ['[foz_br]', 'imp fl oz', 'imp fl oz'], ['[pt_br]', 'imp pt', 'imp pt'], ['[gal_br]', 'imp gal', 'imp gal'], ['[drp]', 'drop', 'drops'], ['[oz_av]', 'oz (weight)', 'oz (weight)'], ['1', 'piece', 'pieces'],
    ['Cel', '°C', '°C'], ['[degF]', '°F', '°F'], ['mL', 'mL', 'mL'], ['L', 'L', 'L'], ['g', 'g', 'g'],
]);

it('counts measures', function (int $count, float $amount, string $unit, string $name, string $said): void {
    expect(Measures::counted($count, $amount, Unit::from($unit), $name))->toBe($said);
})->with([
    [1, 1.0, '[tbs_us]', '', '1 tbsp'], [2, 1.0, '[tbs_us]', '', '2 tbsp'], [1, 1.0, '[cup_us]', '', '1 cup'], [2, 1.0, '[cup_us]', '', '2 cups'], [1, 0.5, '[tsp_us]', '', '½ tsp'], [3, 0.5, '[tsp_us]', '', '3 × ½ tsp'],
    [1, 1.0, '[tsp_us]', 'blue spoon', 'blue spoon'], [6, 1.0, '[tsp_us]', 'blue spoon', '6 × blue spoon'], [1, 2.0, '[cup_us]', '', '2 cups'], [2, 2.0, '[cup_us]', '', '2 × 2 cups'],
    [1, 12.5, 'g', '', '12.5 g on the scale'], [3, 4.0, 'g', '', '12 g on the scale'], [1, 1.0, '1', '', '1'], [4, 1.0, '1', '', '4'],
]);

it('says one of a thing and two of it', function (float $count, string $unit, string $said): void {
    $plan = new ScoopPlan([new Scoop(Measure::holding(Amount::of(1.0, Unit::from($unit))), (int) $count)], $count * Unit::from($unit)->factor());
    expect(Measures::of($plan, 'neem oil'))->toBe($said);
})->with([
    [1.0, '[cup_us]', '1 cup of neem oil'], [2.0, '[cup_us]', '2 cups of neem oil'], [1.0, '[drp]', '1 drop of neem oil'], [3.0, '[drp]', '3 drops of neem oil'],
    [1.0, '[tbs_us]', '1 tbsp of neem oil'], [2.0, '[tbs_us]', '2 tbsp of neem oil'], [2.0, '[gal_us]', '2 US gal of neem oil'],
]);

it('counts eggs as eggs', function (): void {
    $eggs = static fn(int $many): string => Measures::of(new ScoopPlan([new Scoop(Measure::remembered(Amount::of(1.0, Unit::One), 50.0, ''), $many)], 50.0 * $many), 'egg');
    expect([$eggs(1), $eggs(2)])->toBe(['1 egg', '2 eggs']);
});

it('says an amount of a thing, and pieces by their name', function (float $amount, string $unit, string $name, string $said): void {
    expect(Measures::amountOf(Amount::of($amount, Unit::from($unit)), $name))->toBe($said);
})->with([
    [1.0, '1', 'egg', '1 egg'], [2.0, '1', 'egg', '2 eggs'], [0.5, '1', 'egg', '½ egg'], [1.0, '[cup_us]', 'vegetable oil', '1 cup of vegetable oil'], [0.5, '[tsp_us]', 'castile soap', '½ tsp of castile soap'],
]);

it('says where the measures only come near', function (float $wanted, string $said): void {
    $plan = new ScoopPlan([new Scoop(Measure::holding(Amount::of(1.0, Unit::Millilitre)), 2)], $wanted);
    expect(Measures::nearest($plan))->toBe($said);
})->with([[2.0, '2 mL'], [2.05, '2 mL'], [2.5, '2 mL, as near as your measures come'], [1.5, '2 mL, as near as your measures come']]);

it('says a volume in the unit that was asked for, and in metric', function (float $millilitres, Unit $unit, string $said): void {
    expect(Measures::volume($millilitres, $unit))->toBe($said);
})->with([
    [5678.1, Unit::UsGallon, '1.5 US gal (5.68 L)'], [5678.117676, Unit::UsGallon, '1½ US gal (5.68 L)'], [946.352946, Unit::UsQuart, '1 US qt (946 mL)'], [1500.0, Unit::Litre, '1.5 L'], [1500.0, Unit::Millilitre, '1.5 L'],
    [999.4, Unit::Litre, '999 mL'], [4546.09, Unit::ImperialGallon, '1 imp gal (4.55 L)'], [568.26125, Unit::ImperialPint, '1 imp pt (568 mL)'],
]);

it('says a volume by the cups of the same household, to its bounds', function (float $millilitres, Unit $unit, string $said): void {
    expect(Measures::roughly($millilitres, $unit))->toBe($said);
})->with([
    // 236.6 mL a cup, 946.4 a quart, 568.3 an imperial pint, 28.4 an imperial fluid ounce, 14.8 a tablespoon, 4.9 a teaspoon.
    'two cups and a half' => [591.0, Unit::UsQuart, 'about 2½ cups'], 'one cup' => [240.0, Unit::UsQuart, 'about 1 cup'], 'half a cup' => [120.0, Unit::UsQuart, 'about ½ cup'],
    'under half a cup' => [117.0, Unit::UsQuart, 'about 8 tbsp'], 'two tablespoons' => [29.6, Unit::UsGallon, 'about 2 tbsp'], 'a tablespoon' => [15.0, Unit::UsGallon, 'about 3 tsp'], 'a teaspoon' => [5.0, Unit::UsGallon, 'about 1 tsp'],
    'a gallon in quarts' => [3786.0, Unit::UsGallon, 'about 4 US qt'], 'pints' => [852.0, Unit::ImperialGallon, 'about 1½ imp pt'], 'imperial ounces' => [57.0, Unit::ImperialPint, 'about 2 imp fl oz'],
    'by fifties' => [326.0, Unit::Litre, 'about 350 mL'], 'to the millilitre' => [42.4, Unit::Litre, 'about 42 mL'],
    'just half a cup' => [118.4, Unit::UsQuart, 'about ½ cup'], 'just under a gallon, in cups' => [3780.0, Unit::UsGallon, 'about 16 cups'], 'a gallon and a half' => [5678.0, Unit::UsGallon, 'about 6 US qt'],
    'a cup and a quarter' => [296.0, Unit::UsCup, 'about 1¼ cups'], 'a tablespoon and a half' => [22.3, Unit::UsQuart, 'about 2 tbsp'], 'just under it' => [22.0, Unit::UsQuart, 'about 4 tsp'],
    'nearly nothing' => [1.0, Unit::UsQuart, 'about 1 tsp'], 'half an imperial pint' => [285.0, Unit::ImperialPint, 'about ½ imp pt'], 'under it' => [280.0, Unit::ImperialPint, 'about 10 imp fl oz'],
    'from a hundred on by fifties' => [100.0, Unit::Millilitre, 'about 100 mL'], 'a hundred and thirty' => [130.0, Unit::Millilitre, 'about 150 mL'], 'under a hundred' => [99.4, Unit::Millilitre, 'about 99 mL'], 'a drop' => [0.2, Unit::Litre, 'about 1 mL'],
    'by the metric spoon' => [240.0, Unit::MetricTablespoon, 'about 250 mL'],
]);

it('says hours as hours up to three days', function (float $hours, string $said): void {
    expect(Durations::words($hours))->toBe($said);
})->with([
    [8.0, '8 hours'], [7.4, '7.4 hours'], [1 / 60, '0.0167 hours'],
    [0.0, '0 hours'], [0.5, '0.5 hours'], [1.0, '1 hour'], [1.004, '1 hour'], [24.0, '24 hours'], [71.9, '71.9 hours'], [72.0, '3 days'], [84.0, '3.5 days'], [240.0, '10 days']]);

it('says a stretch of time to what hands need', function (float $hours, string $said): void {
    expect(Durations::rounded($hours))->toBe($said);
})->with([[8.0, '8 hours'], [1.0, '60 minutes'], [7.4, '7 hours'], [0.0, '0 minutes'], [1 / 60, '1 minute'], [1.5, '90 minutes'], [1.99, '119 minutes'], [2.0, '2 hours'], [47.6, '48 hours'], [71.0, '71 hours'], [72.0, '3 days'], [100.0, '4 days'], [168.0, '7 days']]);

it('never says a thousand millilitres', function (float $millilitres, string $words): void {
    expect(Measures::metric($millilitres))->toBe($words);
})->with([[999.4, '999 mL'], [999.6, '1 L'], [1000.0, '1 L'], [1234.0, '1.23 L'], [0.05, '0.05 mL'], [12_345.0, '12.3 L']]);

// Never longer than it is: by then the oil is up.
it('says an interval to shake by, never longer than it is', function (float $seconds, string $said): void {
    expect(Durations::interval($seconds))->toBe($said);
})->with([
    [0.0, 'few seconds'], [9.9, 'few seconds'], [10.0, '10 seconds'], [19.9, '19 seconds'], [20.0, '20 seconds'], [29.9, '20 seconds'], [119.0, '110 seconds'], [120.0, '2 minutes'], [179.0, '2 minutes'], [3599.0, '59 minutes'],
    [7199.0, '119 minutes'], [7200.0, '2 hours'], [10_799.0, '2 hours'], [10_800.0, '3 hours'],
]);

// Two points, and a fifth of the leaf: the house's own lines.
it('says how an eye reads', function (?float $agreement, ?float $low, ?float $high, string $said): void {
    expect(EyeWords::of($agreement, $low, $high))->toBe($said);
})->with([
    'true' => [null, null, null, 'Your eye reads true: off by less than 2 points at the mean.'],
    'nearly true' => [0.987, 1.9, -1.9, 'Your eye reads true: off by less than 2 points at the mean. Agreement 0.99 of 1.'],
    'high below' => [0.9, 2.0, null, 'You read 2 points high below 20 %. Agreement 0.90 of 1.'],
    'low above' => [null, 0.0, -7.4, 'You read 7 points low from 20 % on.'],
    'both' => [null, 4.0, -12.0, 'You read 4 points high below 20 %, and 12 points low from 20 % on.'],
]);
