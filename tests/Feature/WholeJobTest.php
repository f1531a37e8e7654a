<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

it('walks the whole job, from a recipe to what worked', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 80]);

    $batch = Notebook::batch([], $case);
    expect($batch->status)->toBe(201)->and($batch->text('bottle.state'))->toBe('planned')->and($batch->text('plant.name'))->toBe('Zinnia');
    Notebook::tickAll($batch);
    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even', 'notes' => 'milky']);
    expect($made->at('bottle.end'))->toBeNull()
        ->and($made->text('discardAt'))->toBe('2026-06-02T02:00:00Z')
        ->and($made->number('actual.ticked'))->toBe($made->number('actual.planned'))
        ->and($made->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(0.773, 0.02);

    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'plantId' => $plant, 'leaves' => 2, 'controls' => false, 'waitHours' => 24]);
    expect($test->text('outcome'))->toBe('waiting');
    Date::setTestNow('2026-06-02T18:30:00Z');
    expect(Notebook::get("/api/leaf-tests/{$test->id()}")->text('outcome'))->toBe('look-now');
    $read = Notebook::post("/api/leaf-tests/{$test->id()}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(0, 0)]);
    expect($read->text('outcome'))->toBe('go-ahead')->and($read->text('level'))->toBe('ok');

    // The tested batch is too old by then: common practice, neem keeps 8 hours. A fresh one is mixed.
    $fresh = Notebook::mixed($case);
    $round = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $fresh]);
    expect($round->text('rounds.0.outcome'))->toBe('no-count-after');

    // Neem shows something after three days, and is judged after a week (common practice, no source).
    Date::setTestNow('2026-06-09T18:30:00Z');
    $after = Notebook::counted($case, ['value' => 8]);
    expect($after->text('rounds.0.outcome'))->toBe('worked')->and($after->number('rounds.0.reductionPercent'))->toEqualWithDelta(90.0, 1e-9);

    $worked = Notebook::get('/api/worked');
    expect($worked->list('records'))->toHaveCount(1)
        ->and($worked->text('records.0.recipe.slug'))->toBe('neem-leaf-quart')
        ->and($worked->text('records.0.pest'))->toBe('aphids')
        ->and($worked->number('records.0.worked'))->toBe(1.0)
        ->and($worked->number('records.0.leafTests'))->toBe(1.0);
});

it('says what needs doing, in the time zone of the one who asks', function (): void {
    Date::setTestNow('2026-06-01T10:00:00Z');
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $batch = Notebook::mixed($case);
    Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    Notebook::batch();
    $kinds = static function (string $zone): array {
        $today = Notebook::get('/api/today?zone=' . urlencode($zone));
        $all = [];
        foreach ($today->list('tasks') as $i => $task) {
            $all[$today->text("tasks.{$i}.kind")] = $today->text("tasks.{$i}.urgency");
        }

        return $all;
    };

    expect($kinds('UTC'))->toBe(['finish-mixing' => 'today', 'discard' => 'today', 'read-leaf-test' => 'later', 'first-round' => 'later']);
    // 18:00 UTC, when the neem is eight hours old, is the next day in Auckland.
    expect($kinds('Pacific/Auckland')['discard'])->toBe('later');
    Date::setTestNow('2026-06-01T18:00:01Z');
    expect($kinds('UTC')['discard'])->toBe('overdue');
});

it('refuses a time zone that nobody knows', function (): void {
    expect(Notebook::get('/api/today?zone=Mars')->text('error.message'))->toBe('“Mars” is no time zone that is known here; a name like Europe/Lisbon is needed.')
        ->and([Notebook::get('/api/today?zone=Mars')->status, Notebook::get('/api/today?zone[]=UTC')->status])->toBe([422, 422]);
});

it('asks for the next round of an open case, and for nothing of a closed one', function (): void {
    Date::setTestNow('2026-06-01T10:00:00Z');
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    $today = Notebook::get('/api/today');
    expect([$today->text('tasks.0.kind'), $today->text('tasks.0.dueAt'), $today->text('tasks.1.kind'), $today->text('tasks.1.dueAt')])
        ->toBe(['count-after', '2026-06-04T10:00:00Z', 'next-round', '2026-06-08T10:00:00Z']);
    // The first look was had: the one that may judge it is left.
    Date::setTestNow('2026-06-04T11:00:00Z');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 20]);
    expect([Notebook::get('/api/today')->text('tasks.0.kind'), Notebook::get('/api/today')->text('tasks.0.dueAt')])->toBe(['count-after', '2026-06-08T10:00:00Z']);

    expect(Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'gone'])->text('conclusion'))->toBe('gone')
        ->and(Notebook::get('/api/today')->list('tasks'))->toBe([])
        ->and(Notebook::change("/api/cases/{$case}/closed", ['closed' => false])->at('closedAt'))->toBeNull();
});

it('says before spraying what speaks against a batch', function (): void {
    Date::setTestNow('2026-06-01T10:00:00Z');
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $ring = Notebook::batch([], $case);
    Notebook::tickAll($ring);
    Notebook::post("/api/batches/{$ring->id()}/finish", ['standTest' => 'ring']);
    $answer = Notebook::get("/api/cases/{$case}");
    $levels = [];
    foreach ($answer->list('batches.0.verdicts') as $i => $verdict) {
        $levels[$answer->text("batches.0.verdicts.{$i}.code")] = $answer->text("batches.0.verdicts.{$i}.level");
    }

    expect($levels)->toMatchArray(['neem-strength' => 'ok', 'batch' => 'ok', 'stand-test' => 'stop', 'leaf-test' => 'caution']);
});
