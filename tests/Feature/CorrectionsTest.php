<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @return array{kind: string, id: int, corrected: array<string, mixed>, told: string, was: string} a record of a kind, what it is corrected to, and what its history then tells */
function recordOf(string $kind): array
{
    $post = static fn(string $path, array $body): Answer => Notebook::post($path, json_encode(['submission' => Notebook::submission(), ...$body], \JSON_THROW_ON_ERROR));
    $plant = Notebook::plant('Zinnia');
    $case = Notebook::case($plant);
    $batch = Notebook::mixed($case);
    $at = '2026-06-01T17:59:30Z';

    return match ($kind) {
        'plants' => ['kind' => $kind, 'id' => Notebook::plant('Aster'), 'corrected' => ['name' => 'Astrantia', 'tolerance' => 'tender-leaf', 'kind' => 'Astrantia'], 'told' => 'Name', 'was' => 'Aster'],
        'sprayers' => ['kind' => $kind, 'id' => $post('/api/sprayers', ['name' => 'Can', 'holds' => ['amount' => 1, 'unit' => 'L']])->id(), 'corrected' => ['name' => 'Old can', 'holds' => ['amount' => 2, 'unit' => 'L'], 'pours' => []], 'told' => 'Holds', 'was' => '1'],
        'measures' => ['kind' => $kind, 'id' => $post('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']])->id(), 'corrected' => ['name' => 'Spoon', 'holds' => ['amount' => 4, 'unit' => 'mL']], 'told' => 'Holds', 'was' => '5'],
        'batches' => ['kind' => $kind, 'id' => $batch, 'corrected' => ['madeAt' => $at, 'keeping' => 'patient', 'standTest' => 'even', 'notes' => 'milky'], 'told' => 'Kept', 'was' => 'strict'],
        'leaf-tests' => ['kind' => $kind, 'id' => $post('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false])->id(), 'corrected' => ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false, 'waitHours' => 24, 'appliedAt' => '2026-06-01T18:00:00Z'], 'told' => 'Wait in hours', 'was' => '48'],
        'readings' => ['kind' => $kind, 'id' => $post('/api/leaf-tests/' . $post('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false])->id() . '/readings', ['leaves' => Leaves::seen(0, 100)])->id('saved.id'), 'corrected' => ['leaves' => Leaves::seen(0, 0), 'readAt' => '2026-06-01T18:00:00Z'], 'told' => 'Leaves', 'was' => '1: 0 %, 2: 100 %'],
        'rounds' => ['kind' => $kind, 'id' => $post("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent'])->id('saved.id'), 'corrected' => ['batchId' => $batch, 'handWork' => true, 'sprayedAt' => '2026-06-01T18:00:00Z'], 'told' => 'Hand work the same day', 'was' => 'no'],
        'burns' => ['kind' => $kind, 'id' => $post('/api/rounds/' . $post("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent'])->id('saved.id') . '/burns', ['share' => 15])->id('saved.id'), 'corrected' => ['share' => 40, 'kinds' => ['edge-burn'], 'special' => [], 'seenAt' => '2026-06-01T18:00:00Z'], 'told' => 'Percent of the leaf', 'was' => '15'],
        default => ['kind' => 'counts', 'id' => $post("/api/cases/{$case}/counts", ['value' => 3])->id('saved.id'), 'corrected' => ['value' => 30, 'countedAt' => '2026-06-01T18:00:00Z'], 'told' => 'Count', 'was' => '3'],
    };
}

/** @return array<string, string> what the latest change tells, by name */
function wasBefore(string $kind, int $id): array
{
    $history = Notebook::get("/api/{$kind}/{$id}/history");
    $all = [];
    foreach ($history->list('changes.0.was') as $i => $one) {
        $all[$history->text("changes.0.was.{$i}.name")] = $history->text("changes.0.was.{$i}.value");
    }

    return $all;
}

it('corrects every record, and what it was before stays to be read', function (string $kind): void {
    ['kind' => $kind, 'id' => $id, 'corrected' => $corrected, 'told' => $told, 'was' => $was] = recordOf($kind);
    expect(Notebook::get("/api/{$kind}/{$id}/history")->list('changes'))->toBe([]);
    $answer = Notebook::change("/api/{$kind}/{$id}", $corrected);
    expect($answer->status)->toBe(200, $answer->text)
        ->and(wasBefore($kind, $id)[$told] ?? null)->toBe($was)
        ->and(Notebook::get("/api/{$kind}/{$id}/history")->text('changes.0.what'))->toBe('corrected');
    // The same again is no change.
    Notebook::change("/api/{$kind}/{$id}", $corrected);
    expect(Notebook::get("/api/{$kind}/{$id}/history")->list('changes'))->toHaveCount(1);
    // Undone it is what it was; undone once more it is corrected again.
    Notebook::change("/api/{$kind}/{$id}/undone", '{}');
    expect(Notebook::get("/api/{$kind}/{$id}/history")->text('changes.0.what'))->toBe('put-back')
        ->and(Notebook::change("/api/{$kind}/{$id}", $corrected)->status)->toBe(200)
        ->and(wasBefore($kind, $id)[$told] ?? null)->toBe($was);
})->with(['plants', 'sprayers', 'measures', 'batches', 'leaf-tests', 'readings', 'rounds', 'counts', 'burns']);

it('takes every record back and puts it back', function (string $kind): void {
    ['kind' => $kind, 'id' => $id, 'corrected' => $corrected] = recordOf($kind);
    expect(Notebook::change("/api/{$kind}/{$id}/taken-back", ['takenBack' => true])->at('takenBack'))->toBeTrue()
        // Gone from where it was, and still there to be read.
        ->and(Notebook::change("/api/{$kind}/{$id}", $corrected)->status)->toBe(404)
        ->and(Notebook::get("/api/{$kind}/{$id}/history")->text('changes.0.what'))->toBe('taken-back')
        // Twice is once.
        ->and(Notebook::change("/api/{$kind}/{$id}/taken-back", ['takenBack' => true])->list('changes'))->toHaveCount(1)
        ->and(Notebook::change("/api/{$kind}/{$id}/taken-back", ['takenBack' => false])->at('takenBack'))->toBeFalse()
        ->and(Notebook::change("/api/{$kind}/{$id}", $corrected)->status)->toBe(200)
        ->and(Notebook::change("/api/{$kind}/99999/taken-back", ['takenBack' => true])->status)->toBe(404)
        ->and(Notebook::change("/api/{$kind}/{$id}/taken-back", ['takenBack' => 'yes'])->text('error.path'))->toBe('/takenBack')
        ->and(Notebook::change("/api/{$kind}/99999", $corrected)->status)->toBe(404);
})->with(['plants', 'sprayers', 'measures', 'batches', 'leaf-tests', 'readings', 'rounds', 'counts']);

it('does not take back what other records hang on, and says what to do instead', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    $sprayer = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 1, 'unit' => 'L']])->id();
    $batch = Notebook::mixed($case);
    Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'sprayerId' => $sprayer, 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]]]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    $no = static fn(string $path): string => (static fn(Answer $answer): string => $answer->status . ' ' . $answer->text('error.message'))(Notebook::change($path, ['takenBack' => true]));

    expect($no("/api/plants/{$plant}/taken-back"))->toStartWith('409 ')->toContain('1 case', '1 batch', 'Put it away instead')
        ->and($no("/api/sprayers/{$sprayer}/taken-back"))->toStartWith('409 ')->toContain('1 batch hangs')
        ->and($no("/api/batches/{$batch}/taken-back"))->toStartWith('409 ')->toContain('1 round', 'open it again');
});

it('has evidence follow a wrong count that is corrected, and a round that is taken back, at once', function (): void {
    $case = Notebook::case(Notebook::plant());
    $before = Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 8])->id('saved.id');
    $batch = Notebook::mixed($case, ['recipe' => 'mild-soap']);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent']);
    $second = Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'It was urgent'])->id('saved.id');
    Date::setTestNow('2026-06-03T18:00:00Z');
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 8]);
    $worked = static fn(): array => [Notebook::get('/api/worked')->number('records.0.rounds'), Notebook::get('/api/worked')->number('records.0.worked')];
    expect($worked())->toBe([2.0, 0.0]);

    Notebook::change("/api/counts/{$before}", ['value' => 80, 'countedAt' => '2026-06-01T18:00:00Z']);
    Notebook::change("/api/rounds/{$second}/taken-back", ['takenBack' => true]);
    expect($worked())->toBe([1.0, 1.0]);
    Notebook::change("/api/counts/{$before}/undone", '{}');
    expect($worked())->toBe([1.0, 0.0]);
});

it('opens a finished batch again to put its tally right, and keeps when it was made', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::batch(['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']], $case);
    $tick = "/api/batches/{$batch->id()}/scoops/{$batch->id('items.0.scoops.0.id')}/ticks";
    Notebook::put("{$tick}/1", ['ticked' => true]);
    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'override' => 'It was urgent']);
    expect($made->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(100 / 256, 1e-9)
        ->and(Notebook::put("{$tick}/2", ['ticked' => true])->text('error.message'))->toContain('Open it again');

    Date::setTestNow('2026-06-01T19:00:00Z');
    expect(Notebook::change("/api/batches/{$batch->id()}/reopened", '{}')->text('bottle.state'))->toBe('mixing')
        ->and(Notebook::put("{$tick}/2", ['ticked' => true])->status)->toBe(200);
    $again = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    expect($again->number('actual.strength.oil_percent_vv'))->toEqualWithDelta(200 / 256, 1e-9)
        ->and($again->text('madeAt'))->toBe('2026-06-01T18:00:00Z')
        ->and(Notebook::get("/api/cases/{$case}")->list('rounds.0.strength'))->toBe(['0.78 % neem oil'])
        ->and(Notebook::get("/api/batches/{$batch->id()}/history")->text('changes.0.what'))->toBe('reopened');
});

it('refuses to undo what was never changed, and to correct leaves that were looked at', function (): void {
    ['id' => $id] = recordOf('counts');
    $answer = Notebook::change("/api/counts/{$id}/undone", '{}');
    expect($answer->status)->toBe(409)->and($answer->text('error.message'))->toContain('never changed');
    $plant = Notebook::plant('Lemon');
    $batch = Notebook::mixed();
    $test = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false])->id();
    Notebook::post("/api/leaf-tests/{$test}/readings", ['submission' => Notebook::submission(), 'leaves' => Leaves::seen(0, 0)]);
    $other = static fn(string $what, mixed $now): int => Notebook::change("/api/leaf-tests/{$test}", ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false, $what => $now])->status;
    expect($other('leaves', 3))->toBe(409)->and($other('controls', true))->toBe(409)->and($other('rungs', [1, 0.5]))->toBe(409)->and($other('marks', 'red thread'))->toBe(200)
        ->and(Notebook::change("/api/batches/{$batch}", ['madeAt' => '2036-06-01T18:00:00Z', 'keeping' => 'strict', 'standTest' => 'even', 'notes' => ''])->text('error.path'))->toBe('/madeAt')
        ->and(Notebook::change('/api/batches/' . Notebook::batch()->id(), ['madeAt' => '2026-06-01T18:00:00Z', 'keeping' => 'strict', 'standTest' => 'even', 'notes' => ''])->status)->toBe(422);
});

it('tells an instant that it was before as an instant', function (): void {
    $record = recordOf('counts');
    Notebook::change("/api/counts/{$record['id']}", ['value' => 3, 'countedAt' => '2026-06-01T12:30:15Z']);
    expect(wasBefore('counts', $record['id'])['Counted'] ?? null)->toBe('2026-06-01T18:00:00Z');
});
