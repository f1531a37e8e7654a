<?php

declare(strict_types=1);

use Tests\Feature\Notebook;

it('ticks a step without spoons, takes it back, and doing it twice is doing it once', function (): void {
    $batch = Notebook::batch(['make' => ['amount' => 2, 'unit' => '[qt_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[qt_us]']])->id();
    $step = "/api/batches/{$batch}/loads/2/steps/1";
    Notebook::put($step, ['ticked' => true]);
    expect(Notebook::put($step, ['ticked' => true])->list('ticked'))->toBe([['load' => 2, 'number' => 1]])
        ->and(Notebook::get("/api/batches/{$batch}")->list('steps'))->toBe([['load' => 2, 'number' => 1]]);
    Notebook::put($step, ['ticked' => false]);
    expect(Notebook::get("/api/batches/{$batch}")->list('steps'))->toBe([]);
});

it('refuses a step that there is not, that has spoons, or that is saved', function (): void {
    $batch = Notebook::batch()->id();
    $tasks = Notebook::get("/api/batches/{$batch}")->list('plan.loads.0.tasks');
    $spooned = array_key_first(array_filter($tasks, static fn(mixed $task): bool => is_array($task) && $task['item'] !== null));
    expect(Notebook::put("/api/batches/{$batch}/loads/2/steps/1", ['ticked' => true])->text('error.message'))->toContain('no load in this batch with the number 2')
        ->and(Notebook::put("/api/batches/{$batch}/loads/1/steps/" . (count($tasks) + 1), ['ticked' => true])->status)->toBe(404)
        ->and(Notebook::put("/api/batches/{$batch}/loads/1/steps/" . ((int) $spooned + 1), ['ticked' => true])->text('error.message'))->toContain('spoonful by spoonful')
        ->and(Notebook::put("/api/batches/{$batch}/loads/1/steps/1", ['ticked' => 'yes'])->text('error.path'))->toBe('/ticked')
        ->and(Notebook::put('/api/batches/999/loads/1/steps/1', ['ticked' => true])->status)->toBe(404);
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'even']);
    expect(Notebook::put("/api/batches/{$batch}/loads/1/steps/1", ['ticked' => true])->status)->toBe(409);
});

it('tells a bottle that was used up from one that was poured away, and nags about neither', function (): void {
    $used = Notebook::mixed();
    Notebook::put("/api/batches/{$used}/discarded", ['discarded' => true, 'usedUp' => true]);
    $away = Notebook::mixed();
    Notebook::put("/api/batches/{$away}/discarded", ['discarded' => true]);
    $batch = Notebook::batch();
    $straight = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'not-done', 'rest' => 'used-up']);

    expect(Notebook::get("/api/batches/{$used}")->text('bottle.end'))->toBe('sprayed')
        ->and(Notebook::get("/api/batches/{$away}")->text('bottle.end'))->toBe('poured-off')
        ->and($straight->text('bottle.end'))->toBe('sprayed')
        ->and(array_column(Notebook::get('/api/today')->list('tasks'), 'kind'))->not->toContain('discard');
    Notebook::put("/api/batches/{$used}/discarded", ['discarded' => false]);
    expect(Notebook::get("/api/batches/{$used}")->at('bottle.end'))->toBeNull()
        ->and(array_column(Notebook::get('/api/today')->list('tasks'), 'kind'))->toContain('discard')
        ->and(Notebook::post('/api/batches/' . Notebook::batch()->id() . '/finish', ['standTest' => 'even', 'rest' => 'drunk'])->text('error.path'))->toBe('/rest');
});
