<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Batch\BottleLine;
use IdleMixer\Core\Batch\BottleLineReader;
use IdleMixer\Core\Batch\BottleLineWriter;
use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\Keeping;
use IdleMixer\Core\Batch\KeptLineReader;
use IdleMixer\Core\Batch\Lasting;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Batch\Refill;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\ScoopPlan;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Tests\Support\Batches;

/*
 * What happened to a mix after it was written: added, spilled, thinned, swapped, poured onto a rest. A gallon of neem and soap is
 * 29.574 mL of neem and 9.858 mL of soap in 3,745.98 mL of water; every figure below is reckoned by hand from those three.
 */

/** @param array<mixed> $line */
function bottleLine(BatchRecord $batch, array $line): BottleLine
{
    $minute = is_int($line['minute'] ?? null) ? $line['minute'] : 60;
    unset($line['minute']);

    return (new BottleLineReader($batch, IngredientCatalogue::shipped()))->said(JsonText::parse(json_encode($line, \JSON_THROW_ON_ERROR)), '20000000-0000-4000-8000-000000000001', Batches::at($minute));
}

/**
 * @param array<mixed> $lines
 *
 * @return array{float, array<string, float>} mL, and percent by ingredient
 */
function bottleHolds(BatchRecord $batch, array $lines): array
{
    $read = array_map(static fn(mixed $line): BottleLine => bottleLine($batch, is_array($line) ? $line : []), array_values($lines));
    $made = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, lines: $read, mixed: [Batches::at(30)]));
    $percent = [];
    foreach ($made->composition()->components as $slug => $one) {
        $percent[$slug] = round($one->high, 3);
    }

    return [round($made->strongest->finished(), 1), $percent];
}

it('is what the spoons made of it and what happened since', function (array $lines, float $ml, array $percent): void {
    expect(bottleHolds(Batches::gallonOfNeem(), $lines))->toEqual([$ml, $percent]);
})->with([
    'nothing' => [[], 3785.4, ['neem-oil' => 0.781, 'castile-soap' => 0.260]],
    // 9.858 + 14.787 of 3,800.2 mL
    'a tablespoon of soap after a failed glass' => [[['minute' => 60, 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tbs_us]']]], 3800.2, ['neem-oil' => 0.778, 'castile-soap' => 0.649]],
    // the same before it was filled to the mark: the mark stays
    'a tablespoon of soap while it was mixed' => [[['minute' => 20, 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tbs_us]']]], 3785.4, ['neem-oil' => 0.781, 'castile-soap' => 0.651]],
    'half of it spilled' => [[['minute' => 60, 'kind' => 'spilled', 'share' => 0.5]], 1892.7, ['neem-oil' => 0.781, 'castile-soap' => 0.260]],
    'half, and half of the rest' => [[['minute' => 60, 'kind' => 'spilled', 'share' => 0.5], ['minute' => 61, 'kind' => 'spilled', 'share' => 0.5]], 946.4, ['neem-oil' => 0.781, 'castile-soap' => 0.260]],
    // 29.574 of 4,785.4
    'a litre of water' => [[['minute' => 60, 'kind' => 'thinned', 'amount' => ['amount' => 1, 'unit' => 'L']]], 4785.4, ['neem-oil' => 0.618, 'castile-soap' => 0.206]],
    // half is left with 14.787 mL of neem; to the mark it is half as strong
    'half spilled, filled up with water' => [[['minute' => 60, 'kind' => 'spilled', 'share' => 0.5], ['minute' => 61, 'kind' => 'thinned', 'toMark' => true]], 3785.4, ['neem-oil' => 0.391, 'castile-soap' => 0.130]],
    'dish soap in place of true soap' => [[['minute' => 60, 'kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']], 3785.4, ['neem-oil' => 0.781, 'dish-detergent' => 0.260]],
    // 9.858 of detergent and 14.787 of soap in 3,800.2
    'dish soap in its place, and a tablespoon of true soap' => [[['minute' => 60, 'kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent'], ['minute' => 61, 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tbs_us]']]], 3800.2, ['neem-oil' => 0.778, 'dish-detergent' => 0.259, 'castile-soap' => 0.389]],
]);

it('loses what was in when it was spilled, and not what went in afterwards', function (): void {
    // Neem is ticked in minutes 1 to 2, soap in minutes 1 to 2: all of it before minute 5, none of it after minute 0.
    $batch = Batches::gallonOfNeem();
    expect(bottleHolds($batch, [['minute' => 5, 'kind' => 'spilled', 'share' => 0.5]]))->toEqual([3785.4, ['neem-oil' => 0.391, 'castile-soap' => 0.130]])
        ->and(bottleHolds($batch, [['minute' => 0, 'kind' => 'spilled', 'share' => 0.5]]))->toEqual([3785.4, ['neem-oil' => 0.781, 'castile-soap' => 0.260]])
        // The first of two tablespoons of neem and the first of two teaspoons of soap were in.
        ->and(bottleHolds($batch, [['minute' => 1, 'kind' => 'spilled', 'share' => 0.5]]))->toEqual([3785.4, ['neem-oil' => 0.586, 'castile-soap' => 0.195]]);
});

it('is filled onto a rest: what is in that is in this, up to the mark', function (): void {
    // A litre of the same at 0.781 % brings 7.8127 mL of neem and 2.604 mL of soap: 37.386 and 12.462 of 3,785.41.
    $batch = Batches::gallonOfNeem();
    $made = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, mixed: [Batches::at(30)]))->strongest;
    $rest = BottleLine::overRest('20000000-0000-4000-8000-000000000002', Batches::at(5), 1, $made, 1000.0, Batches::at(200));
    $after = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, lines: [$rest], mixed: [Batches::at(30)]));
    expect(round($after->strongest->finished(), 1))->toBe(3785.4)
        ->and(round($after->composition()->components['neem-oil']->high, 3))->toBe(0.988)
        ->and(round($after->composition()->components['castile-soap']->high, 3))->toBe(0.329);
});

it('lasts as long as what is in it lasts worst, and a rest no longer than it did', function (): void {
    // Soap and water keep longer than neem, which is gone within the day: common practice, no source.
    $batch = Batches::of(['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $plain = Lasting::until($batch, [], Keeping::Strict, Batches::at(30), false, ShelfLife::shipped());
    $neem = bottleLine($batch, ['kind' => 'added', 'ingredient' => 'neem-oil', 'amount' => ['amount' => 5, 'unit' => 'mL']]);
    $withNeem = Lasting::until($batch, [$neem], Keeping::Strict, Batches::at(30), false, ShelfLife::shipped());
    $alone = Lasting::until(Batches::gallonOfNeem(), [], Keeping::Strict, Batches::at(30), false, ShelfLife::shipped());
    expect($withNeem)->toEqual($alone)->and($plain > $withNeem)->toBeTrue();

    $made = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, mixed: [Batches::at(30)]))->strongest;
    $rest = BottleLine::overRest('20000000-0000-4000-8000-000000000002', Batches::at(5), 1, $made, 100.0, Batches::at(90));
    expect(Lasting::until($batch, [$rest], Keeping::Strict, Batches::at(30), false, ShelfLife::shipped()))->toEqual(Batches::at(90));
});

it('counts the loads that are mixed, and no other', function (): void {
    // One of two loads is as strong as both, and half as much.
    $batch = Batches::of(['recipe' => 'mild-neem', 'make' => ['amount' => 2, 'unit' => 'L'], 'sprayer' => ['amount' => 1, 'unit' => 'L']]);
    $one = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, mixed: [Batches::at(30)]));
    $both = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, mixed: [Batches::at(30), Batches::at(60)]));
    expect(count($batch->loads))->toBe(2)
        ->and([round($one->strongest->finished(), 6), round($both->strongest->finished(), 6)])->toBe([1000.0, 2000.0])
        ->and($one->composition()->components['neem-oil']->high)->toEqualWithDelta($both->composition()->components['neem-oil']->high, 1e-9)
        // What was planned of it is what was planned of the loads that are mixed.
        ->and([$one->planned, $one->ticked])->toBe([intdiv($both->planned, 2), intdiv($both->ticked, 2)]);
});

it('is written down and read back the same', function (array $line): void {
    $batch = Batches::gallonOfNeem();
    $read = bottleLine($batch, $line);
    $written = BottleLineWriter::write($read);
    $again = (new KeptLineReader($batch))->read(JsonText::parse(json_encode($written, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION)));
    expect(BottleLineWriter::write($again))->toBe($written);
})->with([
    [['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tsp_us]']]],
    [['kind' => 'added', 'ingredient' => 'isopropyl-alcohol', 'amount' => ['amount' => 50, 'unit' => 'mL'], 'strength' => 91]],
    [['kind' => 'spilled', 'share' => 0.5]],
    [['kind' => 'thinned', 'amount' => ['amount' => 200, 'unit' => 'mL']]],
    [['kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']],
]);

it('says what is wrong with a line, and where', function (array $line, string $at): void {
    $batch = Batches::gallonOfNeem();
    expect(Batches::faultAt(static fn() => bottleLine($batch, $line)))->toBe($at);
})->with([
    [['kind' => 'drunk'], '/kind'],
    [['kind' => 'spilled', 'share' => 0], '/share'],
    [['kind' => 'spilled', 'share' => 1.5], '/share'],
    [['kind' => 'spilled'], ''],
    [['kind' => 'added', 'ingredient' => 'unobtainium', 'amount' => ['amount' => 1, 'unit' => 'mL']], '/ingredient'],
    [['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => -1, 'unit' => 'mL']], '/amount/amount'],
    [['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1e300, 'unit' => 'mL']], '/amount/amount'],
    [['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => 'Cel']], '/amount/unit'],
    [['kind' => 'added', 'ingredient' => 'isopropyl-alcohol', 'amount' => ['amount' => 50, 'unit' => 'mL'], 'strength' => 101], '/strength'],
    [['kind' => 'swapped', 'item' => 'castor', 'ingredient' => 'dish-detergent'], '/item'],
    [['kind' => 'thinned'], ''],
    [['kind' => 'spilled', 'share' => 0.5, 'load' => 2], '/load'],
]);

it('says what went with what was spilled, until it is back in: then the load is as planned', function (): void {
    // Half of two tablespoons of neem and half of two teaspoons of soap: one of each.
    $batch = Batches::gallonOfNeem();
    $spilled = bottleLine($batch, ['minute' => 5, 'kind' => 'spilled', 'share' => 0.5]);
    $history = static fn(BottleLine ...$lines): History => new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, lines: array_values($lines));
    $back = Refill::of($batch, $history($spilled), 1);
    expect(array_map(static fn(ScoopPlan $plan): float => round($plan->millilitres(), 3), $back))->toEqual(['neem-oil' => 14.787, 'castile-soap' => 4.929])
        ->and(Refill::of($batch, $history(), 1))->toBe([]);
    $neem = bottleLine($batch, ['minute' => 6, 'kind' => 'added', 'ingredient' => 'neem-oil', 'amount' => ['amount' => 1, 'unit' => '[tbs_us]']]);
    expect(array_keys(Refill::of($batch, $history($spilled, $neem), 1)))->toBe(['castile-soap']);
    $soap = bottleLine($batch, ['minute' => 7, 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tsp_us]']]);
    expect(Refill::of($batch, $history($spilled, $neem, $soap), 1))->toBe([])
        ->and(bottleHolds($batch, [['minute' => 5, 'kind' => 'spilled', 'share' => 0.5], ['minute' => 6, 'kind' => 'added', 'ingredient' => 'neem-oil', 'amount' => ['amount' => 1, 'unit' => '[tbs_us]']], ['minute' => 7, 'kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 1, 'unit' => '[tsp_us]']]]))->toEqual([3785.4, ['neem-oil' => 0.781, 'castile-soap' => 0.260]]);
    // What was taken in the place of the soap is what goes back in.
    $detergent = bottleLine($batch, ['minute' => 4, 'kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']);
    $other = bottleLine($batch, ['minute' => 7, 'kind' => 'added', 'ingredient' => 'dish-detergent', 'amount' => ['amount' => 1, 'unit' => '[tsp_us]']]);
    expect(Refill::of($batch, $history($detergent, $spilled, $neem, $other), 1))->toBe([])
        ->and(array_keys(Refill::of($batch, $history($detergent, $spilled, $neem, $soap), 1)))->toBe(['castile-soap']);
});
