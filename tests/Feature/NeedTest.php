<?php

declare(strict_types=1);

use Tests\Feature\Notebook;

it('adds up plants, what stays behind, and a sensible last load', function (): void {
    $answer = Notebook::post('/api/need', ['plants' => [['size' => 'pot', 'count' => 20], ['size' => 'bush', 'count' => 2]], 'leftBehind' => ['amount' => 50, 'unit' => 'mL'], 'sprayer' => ['amount' => 1, 'unit' => 'L'], 'unit' => 'L']);

    expect($answer->number('mL'))->toEqualWithDelta(2050.0, 1e-9)
        ->and($answer->list('because'))->toHaveCount(3)
        ->and($answer->number('sensible.amount'))->toEqualWithDelta(2.25, 1e-9);
});

it('says of what is left why it was not understood', function (): void {
    $left = ['a prayer', '1 L water', '3 spoons of neem', '40 ml neem'];
    $unclear = Notebook::post('/api/reach', ['request' => ['recipe' => 'mild-neem', 'make' => ['amount' => 1, 'unit' => 'L']], 'left' => $left])->list('unclear');
    expect(array_map(static fn(mixed $one): array => array_intersect_key((array) $one, ['line' => 0, 'text' => 0]), $unclear))->toBe([
        ['line' => 0, 'text' => 'There is no amount in it.'], ['line' => 1, 'text' => 'Water is not counted here.'], ['line' => 2, 'text' => '“spoons” means several things. Which one?'],
    ]);
});

it('reckons a drench for a bed', function (): void {
    $answer = Notebook::post('/api/need', ['beds' => [['length' => 2, 'width' => 1.2, 'depth' => 12, 'measuredIn' => 'm', 'dryness' => 'dryish']], 'unit' => '[gal_us]']);
    expect($answer->number('mL'))->toEqualWithDelta(28_800.0, 1e-6)->and($answer->at('sensible'))->toBeNull();
});

it('says what is missing or too much', function (array $body, string $path): void {
    expect(Notebook::post('/api/need', json_encode(['unit' => 'L', ...$body], \JSON_THROW_ON_ERROR))->text('error.path'))->toBe($path);
})->with([
    [[], ''], [['plants' => []], ''], [['plants' => [['size' => 'giant', 'count' => 1]]], '/plants/0/size'], [['plants' => [['size' => 'pot', 'count' => 0]]], '/plants/0/count'],
    [['plants' => [['size' => 'tree', 'count' => 9999]]], ''], [['beds' => [['length' => -1, 'width' => 1, 'depth' => 1, 'measuredIn' => 'm', 'dryness' => 'dry']]], '/beds/0/length'],
    [['trial' => ['used' => ['amount' => 0, 'unit' => 'mL'], 'plants' => 1, 'now' => 1]], '/trial/used/amount'], [['pots' => [['holds' => ['amount' => 1e300, 'unit' => 'L'], 'count' => 1, 'dryness' => 'dry']]], '/pots/0/holds/amount'],
]);

it('says how far what is left reaches, in the words it was typed', function (): void {
    Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => (object) []]);
    $request = ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 4, 'unit' => '[gal_us]']];
    $answer = Notebook::post('/api/reach', ['request' => $request, 'left' => ['40 ml neem', '']]);

    expect($answer->at('bites'))->toBeTrue()
        ->and($answer->number('amount'))->toEqualWithDelta(1.3632, 0.0005)
        ->and($answer->text('because'))->toBe('What is left of neem oil makes 1.36 US gal (5.16 L) at the most. It runs out first.')
        ->and(Notebook::post('/api/reach', ['request' => $request, 'left' => ['1 cup neem']])->at('bites'))->toBeFalse()
        ->and(Notebook::post('/api/reach', ['request' => $request, 'left' => ['2 oz neem', '1 l water', '3 spoons']])->list('unclear'))->toHaveCount(3)
        ->and(Notebook::post('/api/reach', ['request' => $request, 'left' => ['1 % neem']])->text('error.path'))->toBe('/left/0')
        ->and(Notebook::post('/api/reach', ['request' => $request, 'left' => ['50 ml soap']])->at('mL'))->toBeNull();
});
