<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\Round;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * Where what is mixed stands and what comes next with it: one answer, in the same words at every door. Common practice, no source.
 */

beforeEach(fn() => Date::setTestNow('2026-06-01T08:00:00Z'));

/**
 * What every door says of a batch; each has to say the same.
 *
 * @return array{string, string} state and next act
 */
function everywhere(int $batch, ?int $case, ?int $run = null): array
{
    $page = Notebook::get("/api/batches/{$batch}")->at('bottle');
    $doors = ['page' => $page];
    foreach (Notebook::get('/api/batches')->list('batches') as $one) {
        if (is_array($one) && $one['id'] === $batch) {
            $doors['list'] = $one['bottle'];
        }
    }
    foreach (Notebook::get('/api/today')->list('tasks') as $task) {
        if (is_array($task) && is_string($task['kind']) && $task['bottle'] !== null && (in_array($task['kind'], ['finish-mixing', 'discard'], true) ? $task['ref'] : $task['ready']) === $batch) {
            $doors["today {$task['kind']}"] = $task['bottle'];
            expect($task['do'])->toBe(is_array($task['bottle']) ? $task['bottle']['actWords'] : '');
        }
    }
    foreach ($case === null ? [] : Notebook::get("/api/cases/{$case}")->list('batches') as $one) {
        if (is_array($one) && $one['id'] === $batch) {
            $doors['case'] = $one['bottle'];
        }
    }
    if ($run !== null) {
        $doors['run'] = Notebook::get("/api/runs/{$run}")->at('bottle');
    }
    foreach ($doors as $door => $said) {
        expect($said)->toBe($page, $door);
    }
    assert(is_array($page) && is_string($page['state']) && is_string($page['act']));

    return [$page['state'], $page['act']];
}

function scoopAll(int $batch, int $load = 1): void
{
    foreach (Notebook::get("/api/batches/{$batch}")->list('items') as $item) {
        if (is_array($item) && $item['load'] === $load && is_array($item['scoops'])) {
            foreach ($item['scoops'] as $scoop) {
                for ($number = 1; is_array($scoop) && is_int($scoop['id']) && $number <= $scoop['count']; ++$number) {
                    Notebook::put("/api/batches/{$batch}/scoops/{$scoop['id']}/ticks/{$number}", ['ticked' => true]);
                }
            }
        }
    }
}

/** @param array<string, mixed> $line */
function toldOf(int $batch, array $line, ?string $submission = null): Answer
{
    return Notebook::post("/api/batches/{$batch}/lines", ['submission' => $submission ?? Notebook::submission(), ...$line]);
}

it('goes through its states in the same words at every door', function (): void {
    $plant = Notebook::plant('Currant');
    $case = Notebook::case($plant);
    $batch = Notebook::batch(['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']], $case)->id();
    expect(everywhere($batch, $case))->toBe(['planned', 'start-mixing']);
    $scoop = Notebook::get("/api/batches/{$batch}")->number('items.0.scoops.0.id');
    Notebook::put("/api/batches/{$batch}/scoops/{$scoop}/ticks/1", ['ticked' => true]);
    expect(everywhere($batch, $case))->toBe(['mixing', 'go-on'])
        ->and(Notebook::get("/api/batches/{$batch}")->text('bottle.actWords'))->toStartWith('Go on mixing: ');
    scoopAll($batch);
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done']);
    expect(everywhere($batch, $case))->toBe(['mixed', 'stand-test']);
    Notebook::post("/api/batches/{$batch}/stand-tests", ['submission' => Notebook::submission(), 'result' => 'ring']);
    expect(everywhere($batch, $case))->toBe(['mixed', 'mend']);
    // What the glass asks for goes in by one tap, and another glass is wanted.
    $add = Notebook::get("/api/batches/{$batch}")->at('standTests.0.add');
    assert(is_array($add) && is_array($add['amount']));
    $before = Notebook::get("/api/batches/{$batch}")->number('actual.strength.soap_percent_vv');
    Date::setTestNow('2026-06-01T08:10:00Z');
    toldOf($batch, ['kind' => 'added', 'ingredient' => $add['ingredient'], 'amount' => $add['amount']]);
    expect(everywhere($batch, $case))->toBe(['mixed', 'stand-test'])
        ->and(Notebook::get("/api/batches/{$batch}")->number('actual.strength.soap_percent_vv'))->toBeGreaterThan($before);
    Notebook::post("/api/batches/{$batch}/stand-tests", ['submission' => Notebook::submission(), 'result' => 'even']);
    expect(everywhere($batch, $case))->toBe(['standing', 'leaf-test']);
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 3, 'controls' => false]);
    expect($test->status)->toBe(201)->and(everywhere($batch, $case)[1])->toBeIn(['wait', 'look-at-leaves']);
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case], 'override' => 'It was tested last year.'])->id();
    expect(everywhere($batch, $case, $run))->toBe(['in-the-sprayer', 'go-on-spraying']);
    Notebook::put("/api/runs/{$run}/steps/plant-1", ['done' => true]);
    $make = Notebook::get("/api/runs/{$run}")->number('makeMl');
    Notebook::put("/api/runs/{$run}/finished", ['leftMl' => $make / 4, 'rest' => 'kept']);
    expect(everywhere($batch, $case, $run))->toBe(['rest', 'use-rest'])
        ->and(Notebook::get("/api/batches/{$batch}")->number('leftMl'))->toEqualWithDelta($make / 4, 1e-6);
    Date::setTestNow('2026-06-03T08:10:00Z');
    expect(everywhere($batch, $case, $run))->toBe(['gone', 'pour-off'])
        ->and(Notebook::get("/api/batches/{$batch}")->text('bottle.words'))->toBe('A rest, kept too long');
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect(everywhere($batch, $case, $run))->toBe(['gone', 'nothing']);
});

it('mixes one load, sprays it, and then mixes the next', function (): void {
    $case = Notebook::case(Notebook::plant('Currant'));
    $other = Notebook::case(Notebook::plant('Bay'));
    $batch = Notebook::batch(['recipe' => 'mild-soap', 'make' => ['amount' => 2, 'unit' => 'L'], 'sprayer' => ['amount' => 1, 'unit' => 'L']], $case)->id();
    scoopAll($batch);
    $made = Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done', 'load' => 1]);
    expect($made->number('bottle.mixed'))->toBe(1.0)->and($made->number('actual.finished_mL'))->toEqualWithDelta(1000.0, 1e-6)->and($made->at('actual.ticked'))->toBe($made->at('actual.planned'));
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case, $other], 'override' => 'Tested last year.'])->id();
    foreach (['protect', 'left-out-knock-back', 'check', 'shake-1', 'plant-1'] as $step) {
        expect(Notebook::put("/api/runs/{$run}/steps/{$step}", ['done' => true])->status)->toBe(200);
    }
    $answer = Notebook::put("/api/runs/{$run}/steps/empty-1-2", ['done' => true]);
    expect($answer->text('current'))->toBe('mix-2')->and(everywhere($batch, $case, $run))->toBe(['in-the-sprayer', 'next-load'])
        ->and(Notebook::get("/api/batches/{$batch}")->text('bottle.actWords'))->toBe('Mix load 2 of 2')
        // A load is mixed spoonful by spoonful, not by a tap on the walk.
        ->and(Notebook::put("/api/runs/{$run}/steps/mix-2", ['done' => true])->status)->toBe(422);
    Date::setTestNow('2026-06-01T08:30:00Z');
    // What is sprayed is not ticked any more.
    expect(Notebook::put("/api/batches/{$batch}/loads/1/steps/1", ['ticked' => true])->status)->toBe(409);
    scoopAll($batch, 2);
    expect(everywhere($batch, $case, $run))->toBe(['mixing', 'go-on']);
    $made = Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done', 'load' => 2]);
    expect($made->number('actual.finished_mL'))->toEqualWithDelta(2000.0, 1e-6)->and($made->text('madeAt'))->toBe('2026-06-01T08:30:00Z')
        ->and(everywhere($batch, $case, $run))->toBe(['in-the-sprayer', 'go-on-spraying'])
        ->and(Notebook::get("/api/runs/{$run}")->text('current'))->toBe('shake-2')
        // The hand work was left out, and the round says so.
        ->and(Notebook::get("/api/cases/{$case}")->at('rounds.0.handWork'))->toBeFalse()
        ->and(Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done', 'load' => 3])->status)->toBe(422);
});

it('keeps what happened to it, once, and takes it back', function (): void {
    $batch = Notebook::mixed(null, ['recipe' => 'plain-soap']);
    $whole = Notebook::get("/api/batches/{$batch}");
    Date::setTestNow('2026-06-01T08:10:00Z');
    $key = Notebook::submission();
    $spilled = toldOf($batch, ['kind' => 'spilled', 'share' => 0.5], $key);
    expect($spilled->status)->toBe(201)->and($spilled->text('lines.0.words'))->toBe('Spilled: 50 % of it')
        ->and($spilled->number('leftMl'))->toEqualWithDelta($whole->number('leftMl') / 2, 1e-6)
        // A second tap is the same tap.
        ->and(toldOf($batch, ['kind' => 'spilled', 'share' => 0.5], $key)->list('lines'))->toHaveCount(1);
    Date::setTestNow('2026-06-01T08:11:00Z');
    $swapped = toldOf($batch, ['kind' => 'swapped', 'item' => 'castile-soap', 'ingredient' => 'dish-detergent']);
    expect($swapped->text('actual.composition.0.ingredient'))->toBe('dish-detergent')->and($swapped->text('lines.1.words'))->toContain('in place of castile soap');
    $undone = Notebook::put("/api/batches/{$batch}/undone", ['basedOn' => (int) $swapped->number('version')]);
    expect($undone->status)->toBe(200)->and(Notebook::get("/api/batches/{$batch}")->list('lines'))->toHaveCount(1)
        ->and(Notebook::get("/api/batches/{$batch}")->text('actual.composition.0.ingredient'))->toBe('castile-soap');
    // The open document tells it, and another notebook reads it.
    $document = Notebook::get("/api/batches/{$batch}/document");
    Batch::query()->where('id', $batch)->forceDelete();
    $again = Notebook::post('/api/batches/documents', $document->text);
    expect($again->list('lines'))->toHaveCount(1)->and($again->text('lines.0.words'))->toBe('Spilled: 50 % of it');
});

it('is filled onto a rest, which it then keeps no longer than', function (): void {
    $old = Notebook::mixed(null, ['recipe' => 'neem-leaf-quart']);
    $until = Notebook::get("/api/batches/{$old}")->text('discardAt');
    Date::setTestNow('2026-06-01T12:00:00Z');
    $new = Notebook::batch(['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']])->id();
    $line = toldOf($new, ['kind' => 'over-a-rest', 'restOf' => Notebook::get("/api/batches/{$old}")->text('key'), 'amount' => ['amount' => 100, 'unit' => 'mL']]);
    expect($line->status)->toBe(201);
    scoopAll($new);
    $made = Notebook::post("/api/batches/{$new}/finish", ['standTest' => 'not-done']);
    expect($made->text('discardAt'))->toBe($until)->and(json_encode($made->at('actual.composition')))->toContain('neem-oil')
        ->and($made->number('actual.finished_mL'))->toEqualWithDelta(1000.0, 1e-6)
        ->and(toldOf($new, ['kind' => 'over-a-rest', 'restOf' => Notebook::get("/api/batches/{$old}")->text('key'), 'amount' => ['amount' => 5, 'unit' => 'L']])->text('error.path'))->toBe('/amount');
});

it('moves the hour at which a load was mixed where that is corrected, and asks nothing back in once it is mixed', function (): void {
    $batch = Notebook::batch(['recipe' => 'plain-soap'])->id();
    scoopAll($batch);
    Date::setTestNow('2026-06-01T08:10:00Z');
    expect(toldOf($batch, ['kind' => 'spilled', 'share' => 0.5])->list('refill'))->toHaveCount(1);
    Date::setTestNow('2026-06-01T08:20:00Z');
    expect(Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done'])->list('refill'))->toBe([]);
    $corrected = Notebook::change("/api/batches/{$batch}", ['madeAt' => '2026-06-01T08:15:00Z', 'keeping' => 'strict', 'standTest' => 'not-done', 'notes' => '']);
    expect($corrected->status)->toBe(200)
        ->and(Notebook::get("/api/batches/{$batch}/document")->at('record.mixed'))->toBe(['2026-06-01T08:15:00Z']);
});

// The notebook keeps seconds, and hands may be quicker: half of what was in is half, whatever the clock says. Hand reckoning.
it('keeps the order of what happens within one second', function (): void {
    $batch = Notebook::batch(['recipe' => 'plain-soap'])->id();
    $half = toldOf($batch, ['kind' => 'spilled', 'share' => 0.5]);
    expect($half->list('refill'))->toBe([]);
    scoopAll($batch);
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done']);
    $whole = Notebook::get("/api/batches/{$batch}");
    $spilled = toldOf($batch, ['kind' => 'spilled', 'share' => 0.5]);
    $unharmed = Notebook::get('/api/batches/' . Notebook::mixed(null, ['recipe' => 'plain-soap']));
    expect($whole->at('actual.composition'))->toBe($unharmed->at('actual.composition'))
        ->and($spilled->at('actual.composition'))->toBe($unharmed->at('actual.composition'))
        ->and($spilled->number('actual.finished_mL'))->toEqualWithDelta($unharmed->number('actual.finished_mL') / 2, 1e-6);
});

// A bottle that was emptied into another holds nothing: common practice, no source.
it('leaves nothing of a rest that another batch was filled onto', function (): void {
    $old = Notebook::mixed(null, ['recipe' => 'neem-leaf-quart']);
    $rest = Notebook::get("/api/batches/{$old}");
    Date::setTestNow('2026-06-01T12:00:00Z');
    $new = Notebook::batch(['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']])->id();
    expect(toldOf($new, ['kind' => 'over-a-rest', 'restOf' => Notebook::get("/api/batches/{$new}")->text('key')])->text('error.path'))->toBe('/restOf');
    expect(toldOf($new, ['kind' => 'over-a-rest', 'restOf' => $rest->text('key')])->status)->toBe(201)
        ->and(Notebook::get("/api/batches/{$old}")->text('bottle.state'))->toBe('gone')
        ->and(toldOf($new, ['kind' => 'over-a-rest', 'restOf' => $rest->text('key')])->text('error.path'))->toBe('/restOf')
        ->and(Notebook::get("/api/batches/{$new}")->list('lines'))->toHaveCount(1);
});

it('leaves of a rest what another batch was not filled onto, and half of that once half is spilled', function (): void {
    $case = Notebook::case(Notebook::plant('Currant'));
    $old = Notebook::mixed($case, ['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $left = static fn(): float => Notebook::get("/api/batches/{$old}")->number('leftMl');
    Date::setTestNow('2026-06-01T09:00:00Z');
    $new = Notebook::batch(['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']])->id();
    $key = Notebook::get("/api/batches/{$old}")->text('key');
    $line = ['kind' => 'over-a-rest', 'restOf' => $key, 'amount' => ['amount' => 250, 'unit' => 'mL']];
    $submission = Notebook::submission();
    expect(toldOf($new, $line, $submission)->status)->toBe(201)->and($left())->toEqualWithDelta(750.0, 1e-6)
        ->and(Notebook::get("/api/batches/{$old}")->text('lines.0.words'))->toBe('Filled up as another batch: 25 % of it')
        // A second tap takes nothing more.
        ->and(toldOf($new, $line, $submission)->list('lines'))->toHaveCount(1)->and($left())->toEqualWithDelta(750.0, 1e-6);
    // Of what was sprayed in between nothing is lost.
    Date::setTestNow('2026-06-01T09:30:00Z');
    $round = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $old, 'override' => 'Tested last year.'])->id('saved.id');
    Round::query()->where('id', $round)->update(['litres' => 0.25]);
    expect($left())->toEqualWithDelta(500.0, 1e-6);
    Date::setTestNow('2026-06-01T09:40:00Z');
    expect(toldOf($old, ['kind' => 'spilled', 'share' => 0.5])->status)->toBe(201)->and($left())->toEqualWithDelta(250.0, 1e-6)
        ->and(Notebook::get("/api/batches/{$old}/rest")->number('leftMl'))->toEqualWithDelta(250.0, 1e-6);
});

it('takes nothing more into what was sprayed as it was, or is gone', function (): void {
    $case = Notebook::case(Notebook::plant('Currant'));
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap']);
    Date::setTestNow('2026-06-01T08:10:00Z');
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'Tested last year.']);
    $soap = ['kind' => 'added', 'ingredient' => 'castile-soap', 'amount' => ['amount' => 5, 'unit' => 'mL']];
    expect(toldOf($batch, $soap)->status)->toBe(409)
        ->and(toldOf($batch, ['kind' => 'spilled', 'share' => 0.25])->status)->toBe(201);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect(toldOf($batch, ['kind' => 'spilled', 'share' => 0.25])->status)->toBe(409)
        ->and(toldOf(99_999, $soap)->status)->toBe(404)
        ->and(toldOf(Notebook::mixed(null, ['recipe' => 'plain-soap']), ['kind' => 'drunk'])->text('error.path'))->toBe('/kind');
});
