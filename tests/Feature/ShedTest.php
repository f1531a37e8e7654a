<?php

declare(strict_types=1);

use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @param array<string, mixed> $more */
function newMeasure(string $name, float $amount, string $unit, array $more = []): Answer
{
    return Notebook::post('/api/measures', ['submission' => Notebook::submission(), 'name' => $name, 'holds' => ['amount' => $amount, 'unit' => $unit], ...$more]);
}

function newSprayer(float $litres = 2.0): Answer
{
    return Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Hand sprayer', 'holds' => ['amount' => $litres, 'unit' => 'L']]);
}

// A fact of the trade: no powder goes into a syringe, and any amount of it into a spoon, a cup or a jug (common practice, no source).
it('puts no powder into what sucks up, whatever it is called', function (string $kind, float $holds, ?float $step, bool $sucks): void {
    newMeasure('Thing', $holds, 'mL', ['kind' => $kind, ...($step === null ? [] : ['step' => $step])]);
    $all = array_map(static fn(IdleMixer\Core\Measure\Measure $one): bool => $one->isDropper, App\Records\HouseholdKit::kit()->measures ?? []);
    expect(array_values(array_unique($all)))->toBe([$sucks]);
})->with([
    'a spoon' => ['level', 5.0, null, false],
    'a syringe of 10 mL' => ['marked', 10.0, 1.0, true],
    'one of 20 mL' => ['marked', 20.0, 1.0, true],
    'a jug with marks' => ['marked', 500.0, 100.0, false],
    'a small glass with marks' => ['marked', 25.0, 5.0, false],
]);

it('weighs by the finest scale of a house that has no spoon of its own, with the usual spoons', function (): void {
    expect(App\Records\HouseholdKit::kit())->toBeNull();
    newMeasure('Kitchen scale', 1, 'g', ['kind' => 'scale']);
    newMeasure('Fine scale', 0.1, 'g', ['kind' => 'scale']);
    $kit = App\Records\HouseholdKit::kit();
    expect($kit?->scale?->inBase())->toEqualWithDelta(0.1, 1e-9)->and($kit?->measures)->toEqual(IdleMixer\Core\Measure\Kit::kitchen()->measures);
});

it('keeps spoons, syringes, droppers and scales, and lays out the kit', function (): void {
    newMeasure('Blue spoon', 1, '[tsp_us]');
    newMeasure('Syringe', 5, 'mL', ['kind' => 'marked', 'step' => 1]);
    newMeasure('Kitchen scale', 1, 'g', ['kind' => 'scale']);
    newMeasure('Fine scale', 0.1, 'g', ['kind' => 'scale']);
    $all = Notebook::get('/api/measures');

    expect($all->list('measures'))->toHaveCount(4)->and($all->number('scaleGrams'))->toBe(0.1)
        ->and($all->list('kit'))->toHaveCount(6)
        ->and($all->text('kit.3.words'))->toBe('Syringe to the 3 mL mark');
});

it('refuses measures that cannot be', function (array $body, string $path): void {
    expect(Notebook::post('/api/measures', json_encode(['submission' => Notebook::submission(), 'name' => 'X', ...$body], \JSON_THROW_ON_ERROR))->text('error.path'))->toBe($path);
})->with([
    'a spoon that weighs' => [['holds' => ['amount' => 1, 'unit' => 'g']], '/holds/unit'],
    'a scale that holds' => [['holds' => ['amount' => 1, 'unit' => 'mL'], 'kind' => 'scale'], '/holds/unit'],
    'a syringe without marks' => [['holds' => ['amount' => 5, 'unit' => 'mL'], 'kind' => 'marked'], ''],
    'marks too fine to read' => [['holds' => ['amount' => 5, 'unit' => 'mL'], 'kind' => 'marked', 'step' => 0.001], '/step'],
    'an unknown kind' => [['holds' => ['amount' => 5, 'unit' => 'mL'], 'kind' => 'hand'], '/kind'],
    'nothing' => [['holds' => ['amount' => 0, 'unit' => 'mL']], '/holds/amount'],
]);

it('counts a spoon as what was filled or weighed', function (): void {
    $dropper = newMeasure('Pipette', 0.05, 'mL', ['kind' => 'dropper'])->id();
    $filled = Notebook::change("/api/measures/{$dropper}/calibrated", ['count' => 30, 'came' => ['amount' => 2, 'unit' => 'mL']]);
    $spoon = newMeasure('Blue spoon', 1, '[tsp_us]')->id();
    $weighed = Notebook::change("/api/measures/{$spoon}/calibrated", ['count' => 10, 'came' => ['amount' => 47, 'unit' => 'g']]);

    expect($filled->number('mL'))->toEqualWithDelta(2 / 30, 1e-9)
        ->and($filled->text('words'))->toBe('30 of it filled 2 mL: 0.0667 mL each')
        ->and($weighed->number('mL'))->toEqualWithDelta(4.7085, 0.0001)
        ->and(Notebook::change("/api/measures/{$spoon}/calibrated", ['count' => 0, 'came' => ['amount' => 47, 'unit' => 'g']])->text('error.path'))->toBe('/count')
        ->and(Notebook::change('/api/measures/99/calibrated', ['count' => 1, 'came' => ['amount' => 1, 'unit' => 'mL']])->status)->toBe(404);
    $scale = newMeasure('Scale', 1, 'g', ['kind' => 'scale'])->id();
    expect(Notebook::change("/api/measures/{$scale}/calibrated", ['count' => 1, 'came' => ['amount' => 1, 'unit' => 'g']])->status)->toBe(409);
});

it('calls a measured spoon by its name in the tally, and a weighing as what the scale shows', function (): void {
    $spoon = newMeasure('Blue spoon', 1, '[tsp_us]')->id();
    Notebook::change("/api/measures/{$spoon}/calibrated", ['count' => 10, 'came' => ['amount' => 46, 'unit' => 'mL']]);
    $kit = Notebook::get('/api/measures');
    expect($kit->text('kit.0.name'))->toBe('Blue spoon');
    $fill = ['amount' => $kit->number('kit.0.amount'), 'unit' => $kit->text('kit.0.unit'), 'name' => $kit->text('kit.0.name')];
    $batch = Notebook::batch(['recipe' => 'mild-neem', 'make' => ['amount' => 13.8, 'unit' => 'L']], null, ['measures' => [$fill]]);
    $steps = json_encode($batch->list('plan.steps'), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    // One spoon has one name: in the tally, in the step, on the label, and in what is planned.
    expect($batch->text('items.0.scoops.0.words'))->toBe('Blue spoon')
        ->and($batch->text('plan.loads.0.items.0.words'))->toBe('6 × Blue spoon')
        ->and($steps)->toContain('6 × Blue spoon')
        ->and(str_contains($steps, '6 × 4.6'))->toBeFalse()
        ->and($batch->text('plan.loads.0.items.0.measured.scoops.0.words'))->toBe('Blue spoon');

    $weighed = Notebook::batch(['recipe' => 'mild-neem', 'make' => ['amount' => 20, 'unit' => 'L'], 'measures' => [['amount' => 4.6, 'unit' => 'mL']]], null, ['scale' => 1]);
    expect($weighed->text('items.0.scoops.0.words'))->toBe('37 g on the scale')
        ->and($weighed->number('items.0.scoops.0.count'))->toBe(1.0)
        ->and($weighed->number('items.0.scoops.0.eachMl'))->toEqualWithDelta(37 / 0.92, 1e-9)
        ->and(Notebook::post('/api/bench', ['request' => ['recipe' => 'mild-neem', 'make' => ['amount' => 1, 'unit' => 'L']], 'scale' => -1])->text('error.path'))->toBe('/scale');
});

it('keeps what was found out about a sprayer, and draws its strip', function (): void {
    $id = newSprayer()->id();
    $kept = Notebook::change("/api/sprayers/{$id}", [
        'largestFill' => ['amount' => 1.8, 'unit' => 'L'], 'leftBehind' => ['amount' => 60, 'unit' => 'mL'],
        'pours' => [['mL' => 500, 'mm' => 60], ['mL' => 1800, 'mm' => 200]],
    ]);

    expect($kept->number('fill.amount'))->toBe(1.8)->and($kept->number('leftBehindMl'))->toBe(60.0)
        ->and($kept->text('marks.0.words'))->toBe('¼ L')->and($kept->number('marks.0.mm'))->toBe(30.0)
        ->and($kept->list('marks'))->toHaveCount(7);
});

it('calls a sprayer by one letter, if somebody does', function (): void {
    expect(Notebook::change('/api/sprayers/' . newSprayer()->id(), ['name' => 'B', 'pours' => []])->text('name'))->toBe('B');
});

it('refuses what a sprayer cannot be', function (array $body, string $path): void {
    $id = newSprayer()->id();
    expect(Notebook::change("/api/sprayers/{$id}", json_encode(['pours' => [], ...$body], \JSON_THROW_ON_ERROR))->text('error.path'))->toBe($path);
})->with([
    'fuller than it holds' => [['largestFill' => ['amount' => 3, 'unit' => 'L']], '/largestFill/amount'],
    'half of it stays behind' => [['leftBehind' => ['amount' => 1.5, 'unit' => 'L']], '/leftBehind/amount'],
    'pours that fall' => [['pours' => [['mL' => 500, 'mm' => 60], ['mL' => 400, 'mm' => 70]]], '/pours/1'],
    'more than it holds' => [['pours' => [['mL' => 2500, 'mm' => 60]]], '/pours/0/mL'],
    'a tower' => [['pours' => [['mL' => 500, 'mm' => 1e300]]], '/pours/0/mm'],
]);

it('calls a common sprayer that somebody owns as it was offered, so that it is not offered again', function (): void {
    $common = Notebook::get('/api/catalogue')->list('commonSprayers');
    expect($common)->not->toBe([]);
    foreach ($common as $one) {
        assert(is_array($one));
        $owned = Notebook::sent('/api/sprayers', ['name' => $one['name'], 'holds' => $one['holds'], 'shape' => $one['shape']]);
        expect([$owned->text('name'), $owned->at('holds')])->toEqual([$one['name'], $one['holds']]);
    }
});
