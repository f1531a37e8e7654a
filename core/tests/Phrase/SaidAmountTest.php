<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\SaidAmount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;

// US gallon 231 cubic inches (NIST Handbook 44, Appendix C, from memory); what people write is common practice, no source.
it('takes an amount as it is typed into a field', function (string $said, float $ml, ?float $whole = null, ?Unit $unit = null): void {
    $read = SaidAmount::read($said, Kitchen::Us, $whole, Dimension::Volume, $unit);
    expect($read->amount?->inBase())->toEqualWithDelta($ml, 1e-6, ($read->question ?? $read->refusal)->finding->value ?? '');
})->with([
    ['1 gal', 3785.411784], ['2½ cups', 591.47059125], ['750 ml', 750.0], ['one and a half litres', 1500.0], ['32 oz', 946.352946], ['1 gallon (3.8 L)', 3785.411784], ['about 2 litres', 2000.0],
    ['2 cups and 1 tbsp', 487.96323778125], ['1 litre of water', 1000.0], ['half a bottle', 250.0, 500.0], ['a quarter', 250.0, 1000.0], ['two thirds full', 600.0, 900.0], ['full', 900.0, 900.0], ['a third of it', 300.0, 900.0], ['all of it', 900.0, 900.0],
    ['1 1/2', 1419.529419, null, Unit::UsQuart], ['half', 400.0, 800.0, Unit::UsQuart], ['2', 1892.705892, 800.0, Unit::UsQuart],
]);

it('asks or refuses what is no amount, and says what would be', function (string $said, string $code, ?float $whole = null): void {
    $read = SaidAmount::read($said, Kitchen::Us, $whole);
    expect($read->amount)->toBeNull()->and(($read->question ?? $read->refusal)?->finding->value)->toBe($code);
})->with([
    ['half a bottle', 'amount-which-bottle'], ['neem', 'amount-alone'], ['', 'amount-alone'], ['1', 'amount-alone'], ['1 to 2 cups', 'amount-alone'], ['5 g', 'water-weighed'], ['1.500 ml', 'thousand'],
    ['2 T', 'unit-unclear'], ['-2 l', 'negative'], ['1e300 l', 'amount-alone'], ['1 cup (300 ml)', 'two-amounts'], ['1 l neem', 'amount-alone'], ['3 halves of nothing', 'amount-of-whole', 500.0],
]);

it('takes a weight where a weight is asked for', function (): void {
    expect(SaidAmount::read('2 oz by weight', Kitchen::Us, null, Dimension::Mass)->amount?->inBase())->toEqualWithDelta(56.69904625, 1e-9)
        ->and(SaidAmount::read('2 ml', Kitchen::Us, null, Dimension::Mass)->refusal?->finding->value)->toBe('amount-weight');
});
