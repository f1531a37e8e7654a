<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @return list<array{int, int}> scoop and number of every spoonful of a batch */
function spoonfuls(Answer $batch): array
{
    $all = [];
    foreach (array_keys($batch->list('items')) as $i) {
        foreach (array_keys($batch->list("items.{$i}.scoops")) as $j) {
            for ($number = 1; $number <= $batch->number("items.{$i}.scoops.{$j}.count"); ++$number) {
                $all[] = [$batch->id("items.{$i}.scoops.{$j}.id"), $number];
            }
        }
    }

    return $all;
}

/** @return array<string, true> what the notebook says is ticked */
function tickedOf(int $batch): array
{
    $answer = Notebook::get("/api/batches/{$batch}");
    $ticked = [];
    foreach (array_keys($answer->list('items')) as $i) {
        foreach (array_keys($answer->list("items.{$i}.scoops")) as $j) {
            foreach ($answer->list("items.{$i}.scoops.{$j}.ticked") as $number) {
                $ticked[$answer->id("items.{$i}.scoops.{$j}.id") . '/' . (is_int($number) ? $number : '')] = true;
            }
        }
    }
    ksort($ticked);

    return $ticked;
}

it('ends where the last tap of each spoonful left it, whatever was sent twice or by whom', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $batch = Notebook::batch(['recipe' => 'castile-and-kitchen-oil', 'make' => ['amount' => 2, 'unit' => 'L'], 'sprayer' => ['amount' => 1, 'unit' => 'L'], 'measures' => [['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[tsp_us]']]]);
    $spoonfuls = spoonfuls($batch);
    expect(count($spoonfuls))->toBeGreaterThan(5);
    $expected = [];
    for ($tap = 0; $tap < 60; ++$tap) {
        [$scoop, $number] = $spoonfuls[$random->getInt(0, count($spoonfuls) - 1)];
        $ticked = $random->getInt(0, 2) > 0;
        // A line that was slow sends the same tap again.
        for ($sent = $random->getInt(1, 2); $sent > 0; --$sent) {
            expect(Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/{$number}", ['ticked' => $ticked])->status)->toBe(200);
        }
        $expected["{$scoop}/{$number}"] = $ticked;
    }
    $expected = array_map(static fn(): bool => true, array_filter($expected));
    ksort($expected);

    expect(tickedOf($batch->id()))->toBe($expected);
})->with([[1], [2], [3], [4]]);

it('keeps a batch at the strength of what was ticked, not of what was planned', function (): void {
    // Four level tablespoons of neem were meant for the gallon and three ticked; a tablespoon is 1/256 of the gallon, so about 1.17 % instead of 1.54 (common practice, no source).
    $batch = Notebook::batch(['recipe' => 'orchard-neem', 'make' => ['amount' => 1, 'unit' => '[gal_us]'], 'measures' => [['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[drp]']]]);
    $neem = $batch->id('items.0.scoops.0.id');
    expect($batch->number('items.0.scoops.0.count'))->toBe(4.0);
    foreach (spoonfuls($batch) as [$scoop, $number]) {
        if ($scoop !== $neem || $number < 4) {
            Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/{$number}", ['ticked' => true]);
        }
    }
    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);

    expect($made->status)->toBe(200)
        // Topped up to the mark that was planned, so three quarters of 1.54 and a little for the tablespoon that is water now.
        ->and($made->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(1.17, 0.02)
        ->and($made->number('plan.strength.oil_percent_vv'))->toEqualWithDelta(1.54, 0.005);
});

it('says of a spoonful that is not there which there are', function (): void {
    $batch = Notebook::batch();
    $scoop = $batch->id('items.0.scoops.0.id');
    foreach ([0, 999] as $number) {
        $answer = Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/{$number}", ['ticked' => true]);
        expect($answer->status)->toBe(404)->and($answer->text('error.message'))->not->toBe('');
    }
    $other = Notebook::batch();
    $beyond = count(array_unique(array_column(spoonfuls($other), 0))) + 1;
    expect(Notebook::put("/api/batches/{$other->id()}/scoops/{$beyond}/ticks/1", ['ticked' => true])->status)->toBe(404)
        ->and(Notebook::put("/api/batches/{$batch->id()}/scoops/{$scoop}/ticks/1", ['ticked' => 'yes'])->text('error.path'))->toBe('/ticked')
        ->and(tickedOf($batch->id()))->toBe([]);
});
