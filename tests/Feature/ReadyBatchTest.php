<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\LeafReading;
use App\Models\LeafTest;
use Database\Demo\DemoSeason;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Notebook;

/** What today says of the next round of a case: the batch that waits to be sprayed. */
function readyFor(int $case): mixed
{
    foreach (Notebook::get('/api/today')->list('tasks') as $task) {
        if (is_array($task) && $task['ref'] === $case && in_array($task['kind'], ['first-round', 'next-round'], true)) {
            return $task['ready'];
        }
    }

    return 'no round is due';
}

// Common practice, no source: what is mixed is sprayed before anything is mixed anew, and what is spoilt is not.
it('tells of the batch that is mixed for a case, until it is sprayed, gone or too old', function (): void {
    $case = Notebook::case(Notebook::plant('Currant'));
    expect(readyFor($case))->toBeNull();
    $batch = Notebook::batch(['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']], $case)->id();
    expect(readyFor($case))->toBeNull();
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done']);
    expect(readyFor($case))->toBe($batch)
        ->and(Notebook::get("/api/cases/{$case}")->at('next.0.ready'))->toBe($batch);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect(readyFor($case))->toBeNull();
});

it('lets a tested batch be sprayed while it is good, and has a new one mixed after', function (): void {
    $plant = Notebook::plant('Currant');
    $case = Notebook::case($plant);
    $batch = Notebook::batch(['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => 'L']], $case)->id();
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'not-done']);
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 3, 'controls' => true])->id();
    $said = static fn(): mixed => Notebook::get("/api/leaf-tests/{$test}")->at('batch.waits');
    expect($said())->toBeTrue()->and(readyFor($case))->toBe($batch);
    // Neem keeps 8 h by the careful school: after a leaf test of two days it is past that.
    Batch::query()->whereKey($batch)->update(['discard_at' => now()->subHours(40)]);
    expect($said())->toBeFalse()->and(readyFor($case))->toBeNull();
});

it('asks once for what waits, however many leaf tests there are', function (): void {
    app(DemoSeason::class)->write(new DateTimeImmutable());
    $asked = static function (): int {
        $count = 0;
        DB::listen(static function () use (&$count): void {
            ++$count;
        });
        $answer = Notebook::get('/api/leaf-tests');
        expect($answer->list('leafTests'))->not->toBe([]);

        return $count;
    };
    $all = $asked();
    $last = LeafTest::query()->orderByDesc('id')->whereHas('batch', static fn(Builder $batch): Builder => $batch->whereNotNull('case_id'))->value('id');
    LeafReading::query()->where('leaf_test_id', '!=', $last)->delete();
    LeafTest::query()->where('id', '!=', $last)->delete();
    expect($asked())->toBe($all);
});
