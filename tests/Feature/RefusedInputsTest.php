<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

function isRefused(Answer $answer, string $path, string $says): void
{
    expect([$answer->status, $answer->text('error.path')])->toBe([422, $path], $answer->text)
        ->and($answer->text('error.message'))->toContain($says);
}

it('takes a leaf test only as leaves can be tested', function (array $body, string $path, string $says): void {
    /** @var array<string, mixed> $body */
    $test = ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant(), 'leaves' => 2];
    isRefused(Notebook::sent('/api/leaf-tests', [...$test, ...$body]), $path, $says);
    expect(Notebook::sent('/api/leaf-tests', $test)->status)->toBe(201);
})->with([
    // Common practice, no source: burn shows after one to three days.
    'a wait of a day and a half' => [['waitHours' => 36], '/waitHours', '36'],
    'no wait' => [['waitHours' => 0], '/waitHours', '0'],
    'a strength that is not on the ladder' => [['rungs' => [1, 0.3]], '/rungs/1', 'each once; found 0.3'],
    'one strength twice' => [['rungs' => [1, 0.5, 0.5]], '/rungs/2', 'each once'],
    'without the full one' => [['rungs' => [0.5]], '/rungs', 'The full strength, 1, belongs'],
    'no strength' => [['rungs' => []], '/rungs', ''],
    'before the batch was mixed' => [['appliedAt' => '2026-06-01T17:00:00Z'], '/batchId', 'was not mixed yet at that time'],
    'tomorrow' => [['appliedAt' => '2026-06-02T18:00:00Z'], '/appliedAt', ''],
]);

// Common practice, no source: two or three leaves, one old, one new, one between.
it('tests three leaves where nobody says how many', function (): void {
    $test = ['batchId' => Notebook::mixed(), 'plantId' => Notebook::plant()];
    expect(Notebook::sent('/api/leaf-tests', $test)->number('leaves'))->toBe(3.0);
    expect(Notebook::sent('/api/leaf-tests', [...$test, 'leaves' => 6])->number('leaves'))->toBe(6.0);
    isRefused(Notebook::sent('/api/leaf-tests', [...$test, 'leaves' => 7]), '/leaves', '6');
});

it('takes nothing for done with a batch that is not mixed', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::batch()->id();
    isRefused(Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => 1, 'leaves' => 2]), '/batchId', 'not mixed yet');
    isRefused(Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'x']), '/batch', 'was not mixed yet at that time');
    isRefused(Notebook::sent('/api/runs', ['batchId' => $batch, 'caseIds' => [$case], 'override' => 'x']), '/batchId', "Batch {$batch} is not mixed yet: finish mixing it first.");
});

it('takes no run with what is thrown away, into a case that is closed, or twice into one', function (): void {
    $case = Notebook::case(Notebook::plant());
    $closed = Notebook::case(Notebook::plant('Aster'), 'whitefly');
    Notebook::change("/api/cases/{$closed}/closed", ['closed' => true, 'conclusion' => 'Gone.']);
    [$batch, $away] = [Notebook::mixed($case), Notebook::mixed($case)];
    expect(Notebook::put("/api/batches/{$away}/discarded", ['discarded' => true])->status)->toBe(200);
    $run = static fn(int $of, array $cases): Answer => Notebook::sent('/api/runs', ['batchId' => $of, 'caseIds' => $cases, 'override' => 'x']);
    isRefused($run($away, [$case]), '/batchId', "Batch {$away} was thrown away or used up: mix another.");
    isRefused($run($batch, [$case, $closed]), '/caseIds/1', "Case {$closed} is closed.");
    isRefused($run($batch, [$case, $case]), '/caseIds/1', "Case {$case} stands here twice.");
    isRefused($run($batch, []), '/caseIds', '');
    expect($run($batch, [$case])->status)->toBe(201);
});

it('takes no look at what was not there yet', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case);
    Date::setTestNow('2026-06-01T20:00:00Z');
    $test = Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => 1, 'leaves' => 2])->id();
    isRefused(Notebook::sent("/api/leaf-tests/{$test}/readings", ['readAt' => '2026-06-01T19:00:00Z', 'leaves' => Leaves::seen(0, 0, 0, 0)]), '/readAt', 'before they were wetted');
    $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent'])->id('saved.id');
    isRefused(Notebook::sent("/api/rounds/{$round}/burns", ['share' => 15, 'seenAt' => '2026-06-01T19:59:00Z']), '/seenAt', 'What was seen before the round was not done by it.');
    // Both at the very moment are taken.
    expect(Notebook::sent("/api/leaf-tests/{$test}/readings", ['readAt' => '2026-06-01T20:00:00Z', 'leaves' => Leaves::seen(0, 0, 0, 0)])->status)->toBe(201)
        ->and(Notebook::sent("/api/rounds/{$round}/burns", ['share' => 15, 'seenAt' => '2026-06-01T20:00:00Z'])->status)->toBe(201);
});

it('lets no correction bring in by the back door what the gate keeps out', function (): void {
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    [$first, $second] = [Notebook::mixed($case), Notebook::mixed($case, ['recipe' => 'plain-soap'])];
    $test = Notebook::sent('/api/leaf-tests', ['batchId' => $first, 'plantId' => $plant, 'leaves' => 2])->id();
    Date::setTestNow('2026-06-03T19:00:00Z');
    Notebook::sent("/api/leaf-tests/{$test}/readings", ['leaves' => Leaves::seen(0, 0, 0, 0)]);
    $fresh = Notebook::mixed($case);
    $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $fresh]);
    expect($round->status)->toBe(201, $round->text);
    $id = $round->id('saved.id');
    // The soap was never tried on this plant, and its round has no reason to go without.
    isRefused(Notebook::change("/api/rounds/{$id}", ['batchId' => $second]), '', 'To say that it was sprayed all the same, say why');
    expect(Notebook::change("/api/rounds/{$id}", ['batchId' => $second, 'override' => 'It stood beside it.'])->status)->toBe(200)
        ->and(Notebook::get("/api/cases/{$case}")->text('rounds.0.override'))->toBe('It stood beside it.');
});

it('takes a spoon for what a spoon can hold', function (): void {
    $spoon = Notebook::sent('/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']])->id();
    $found = static fn(int $count, float $amount, string $unit): Answer => Notebook::change("/api/measures/{$spoon}/calibrated", ['count' => $count, 'came' => ['amount' => $amount, 'unit' => $unit]]);
    isRefused($found(1, 21.0, 'L'), '/came/amount', 'One of it would hold 21 L; what is measured with holds 0.001 mL to 20 L.');
    isRefused($found(1000, 0.5, 'mL'), '/came/amount', 'One of it would hold 0.0005 mL; what is measured with holds 0.001 mL to 20 L.');
    expect($found(4, 21.0, 'mL')->number('holds.amount'))->toBe(5.25);
});

it('puts away what nobody has any more, and takes it back', function (string $path, array $body): void {
    /** @var array<string, mixed> $body */
    $id = Notebook::sent("/api/{$path}", $body)->id();
    expect(Notebook::change("/api/{$path}/{$id}/retired", ['retired' => true])->at('retired'))->toBeTrue()
        ->and(Notebook::change("/api/{$path}/{$id}/retired", ['retired' => false])->at('retired'))->toBeFalse()
        ->and(Notebook::put("/api/{$path}/99/retired", ['basedOn' => 1, 'retired' => true])->status)->toBe(404);
})->with([
    'a measure' => ['measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']]],
    'a sprayer' => ['sprayers', ['name' => 'Can', 'holds' => ['amount' => 1, 'unit' => 'L']]],
    'a plant' => ['plants', ['name' => 'Zinnia', 'tolerance' => 'ordinary-leaf']],
]);

it('says in one sentence what was wrong with a call', function (): void {
    expect(Notebook::get('/api/nothing')->text('error.message'))->toBe('There is nothing at this address.')
        ->and(Notebook::put('/api/plants', '{}')->text('error.message'))->toBe('This address does not take that kind of call.')
        ->and(Notebook::post('/api/plants', '{}', ['CONTENT_TYPE' => 'text/plain'])->text('error.message'))->toBe('Send JSON: the header Content-Type must be application/json.')
        ->and(Notebook::post('/api/plants', '{"name":"' . str_repeat('x', 1_048_577) . '"}')->text('error.message'))->toContain('at most 1000000 bytes (1 MB) are read');
});

// Somebody calls a plant “A”: one letter is a name, none and blanks are not.
it('takes a name of one letter, and none that is empty', function (string $path, array $body, array $names): void {
    /**
     * @var array<string, mixed> $body
     * @var list<string>         $names
     */
    Notebook::plant();
    expect(Notebook::sent($path, [...$body, ...array_fill_keys($names, 'A')])->status)->toBe(201);
    foreach ($names as $name) {
        foreach (['', '   '] as $empty) {
            isRefused(Notebook::sent($path, [...$body, ...array_fill_keys($names, 'A'), $name => $empty]), "/{$name}", 'characters may stand here');
        }
        isRefused(Notebook::sent($path, [...$body, ...array_fill_keys($names, 'A'), $name => str_repeat('a', 201)]), "/{$name}", 'characters may stand here, found 201');
    }
})->with([
    'a plant' => ['/api/plants', ['tolerance' => 'ordinary-leaf'], ['name']],
    'a sprayer' => ['/api/sprayers', ['holds' => ['amount' => 2, 'unit' => 'L']], ['name']],
    'a measure' => ['/api/measures', ['holds' => ['amount' => 5, 'unit' => 'mL']], ['name']],
    'a trial' => ['/api/trials', ['pest' => 'aphids', 'one' => 'Soap', 'other' => 'Oil', 'plantIds' => [1], 'unit' => 'leaf', 'units' => 6], ['name']],
]);

it('takes sprays of one letter in a trial', function (): void {
    $trial = ['pest' => 'aphids', 'name' => 'Which', 'plantIds' => [Notebook::plant()], 'unit' => 'leaf', 'units' => 6];
    expect(Notebook::sent('/api/trials', [...$trial, 'one' => 'A', 'other' => 'B'])->status)->toBe(201);
    isRefused(Notebook::sent('/api/trials', [...$trial, 'one' => '', 'other' => 'B']), '/one', 'characters may stand here');
    isRefused(Notebook::sent('/api/trials', [...$trial, 'one' => 'A', 'other' => '']), '/other', 'characters may stand here');
});
