<?php

declare(strict_types=1);

use Tests\Feature\Answer;
use Tests\Feature\Notebook;

function sums(string $line, float $amount = 1, string $unit = 'L', string $of = 'water'): Answer
{
    return Notebook::post('/api/sums', ['line' => $line, 'make' => ['amount' => $amount, 'unit' => $unit], 'of' => $of]);
}

beforeEach(function (): void {
    Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => (object) []]);
});

// Common practice, no source: 2 tbsp a US gallon is 0.775 % with everything in it; 1 % is the final volume divided by 100.
it('says a line in every other way', function (string $line, float $amount, string $unit, string $of, array $ways): void {
    $answer = sums($line, $amount, $unit, $of);
    expect($answer->text('kind'))->toBe('line');
    foreach ($ways as $way => $words) {
        expect($answer->text("ways.0.{$way}"))->toBe($words);
    }
})->with([
    'spoons to percent' => ['2 tbsp neem', 1.0, '[gal_us]', 'water', ['percent' => '0.775 % by volume', 'parts' => '1 part to 128 parts of water', 'perGallon' => '2 US tbsp to each US gallon of water', 'perLitre' => '7.81 mL to each litre of water']],
    'percent to spoons' => ['1 % paraffin', 1.0, 'L', 'finished', ['amount' => '10 mL (8.4 g)', 'scoops' => '2 tsp', 'parts' => '1 part to 99 parts of water']],
    'label rate to this sprayer' => ['30 ml/l neem', 5.0, 'L', 'water', ['amount' => '150 mL (138 g)', 'percent' => '2.91 % by volume']],
    'parts' => ['1:100 soap', 2.0, 'L', 'water', ['amount' => '20 mL (20.6 g)', 'percent' => '0.99 % by volume']],
    // 25 % of a litre from a 70 % bottle: 250 / 0.7 = 357 mL, and 643 mL of water.
    'alcohol from a 70 % bottle' => ['25 % alcohol from 70 %', 1.0, 'L', 'finished', ['amount' => '357 mL (314 g)', 'pure' => '25 % pure', 'water' => '643 mL']],
    // What is mostly water is heavier: 0.88 g/mL at 70 %, 0.815 at 91 % (handbook, from memory).
    'alcohol from a 91 % bottle' => ['25 % alcohol from 91 %', 1.0, 'L', 'finished', ['amount' => '275 mL (224 g)', 'water' => '725 mL']],
    'peroxide from 3 %' => ['1 % peroxide from 3 %', 300.0, 'mL', 'finished', ['amount' => '100 mL (101 g)', 'water' => '200 mL']],
    'soda by weight' => ['0.53 % soda', 1.0, 'L', 'finished', ['amount' => '5.68 mL (5.3 g)', 'percent' => '0.53 g per 100 mL']],
    'a range' => ['2-4 tbsp per gallon neem', 1.0, '[gal_us]', 'water', ['amount' => '29.6 to 59.1 mL (27.2 to 54.4 g)', 'percent' => '0.775 to 1.54 % by volume']],
]);

it('asks, refuses, and says when there is no room', function (): void {
    expect(sums('2 oz neem')->list('answers'))->toHaveCount(3)
        ->and(sums('1 gallon of water')->text('text'))->toContain('That is the water')
        ->and(sums('1 cup tobacco')->text('kind'))->toBe('refused')
        ->and(sums('2 l neem', 1, 'L', 'finished')->status)->toBe(422)
        ->and(sums('1 % neem', 0)->text('error.path'))->toBe('/make/amount');
});

it('takes an amount as it is typed into a field, by the kitchen of the household', function (): void {
    $said = static fn(mixed $body): Answer => Notebook::post('/api/amount', json_encode($body, \JSON_THROW_ON_ERROR));
    Notebook::change('/api/household', ['kitchen' => 'british', 'byEye' => (object) []]);
    expect($said(['said' => 'half a gallon'])->at('amount'))->toBe(['amount' => 0.5, 'unit' => '[gal_br]'])
        // Half of 4.54609 L, by definition.
        ->and($said(['said' => 'half a gallon'])->text('text'))->toStartWith('½ ')->toEndWith(' (2.27 L)')
        ->and($said(['said' => '5 g', 'weight' => true])->text('text'))->toBe('')
        ->and($said(['said' => 'half of it', 'whole' => ['amount' => 2, 'unit' => 'L'], 'unit' => 'L'])->at('amount'))->toBe(['amount' => 1, 'unit' => 'L'])
        ->and($said(['said' => 'plenty'])->at('amount'))->toBeNull()
        ->and($said(['said' => 'plenty'])->text('text'))->toContain('Say one amount')
        ->and($said(['said' => '1.500 ml'])->list('answers'))->toHaveCount(2)
        ->and($said(['said' => str_repeat('1 l ', 60)])->text('error.path'))->toBe('/said')
        ->and($said(['said' => '5 g', 'weight' => true])->at('amount'))->toBe(['amount' => 5, 'unit' => 'g']);
});
