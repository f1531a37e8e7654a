<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\RounderVolume;
use IdleMixer\Core\Tests\Support\Plans;

// Reckoned by hand: a US quart of neem leaf spray takes 1 ½ tsp of neem and ½ tsp of soap, so 3 quarts take 4 ½ and 1 ½ and a gallon
// takes 2 tbsp and 2 tsp; a litre of plain soap takes 10 mL, and two teaspoons are 9.86 mL, 950 mL of it 9.5 mL, which they are to 4 %.
it('goes to the nearest volume at which every line is whole spoons', function (string $slug, float $amount, string $unit, array $more, ?float $millilitres): void {
    /** @var array<string, mixed> $more */
    $volume = RounderVolume::of(Plans::shipped($slug, $amount, $unit, $more));
    $millilitres === null
        ? expect($volume)->toBeNull()
        : expect($volume?->volume->millilitres())->toEqualWithDelta($millilitres, 0.01);
})->with([
    'four and a half teaspoons are two tablespoons at a gallon' => ['neem-leaf-quart', 0.75, '[gal_us]', [], 3785.41],
    'all is whole at a gallon' => ['neem-leaf-quart', 1.0, '[gal_us]', [], null],
    // 1 ¼ and ¾ quarts are no whole spoons of soap either, and two quarts are twice as much.
    'nothing near a quart' => ['neem-leaf-quart', 1.0, '[qt_us]', [], null],
    'the first line is whole, the second is not: 2 tsp of soap are at 4 quarts' => ['neem-leaf-quart', 3.0, '[qt_us]', [], 3785.41],
    'a sprayer of three quarts takes no gallon' => ['neem-leaf-quart', 0.75, '[gal_us]', ['sprayer' => ['amount' => 0.75, 'unit' => '[gal_us]']], null],
    'two loads of a quart and a half stay two loads' => ['neem-leaf-quart', 0.75, '[gal_us]', ['sprayer' => ['amount' => 1.5, 'unit' => '[qt_us]']], null],
    'a teaspoon and a half is two at a litre' => ['plain-soap', 0.75, 'L', [], 1000.0],
    'and in millilitres at fifty less, which two teaspoons are to 4 %' => ['plain-soap', 750.0, 'mL', [], 950.0],
    'two teaspoons are whole' => ['plain-soap', 1.0, 'L', [], null],
    // 54 mL are 3.65 tablespoons; four are 59.1 mL, which 56.5 are to 4.7 %, and three 44.4 mL, which 46.5 are to 4.6 %: 250 mL of spray more, or 750 less.
    'four tablespoons are nearer than three' => ['plain-soap', 5400.0, 'mL', [], 5650.0],
    // A quarter of a cup is 59.1 mL, which 62 are to 4.6 %, and half a cup is far: what lies within 1 % is left out, and 24 steps of fifty are tried.
    'six hundred millilitres less' => ['plain-soap', 6800.0, 'mL', [], 6200.0],
    'not seven hundred millilitres away' => ['plain-soap', 6900.0, 'mL', [], null],
    'nothing of two thirds to four thirds of a third of a litre holds a teaspoon' => ['plain-soap', 340.0, 'mL', [], null],
]);
