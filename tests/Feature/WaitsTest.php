<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * Not to spray yet is followed up: until the look that was agreed nobody is told to spray, at whatever door, and what came of it is kept.
 * Common practice, no source.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** A case of aphids, counted; its number. */
function aphidsCounted(float $many): int
{
    $case = Notebook::case(Notebook::plant());
    Notebook::sent("/api/cases/{$case}/counts", ['value' => $many]);

    return $case;
}

/** What the choice says with ladybirds there. */
function advisedWithLadybirds(int $case): Answer
{
    $said = (array) Notebook::get("/api/cases/{$case}")->at('situation');

    return Notebook::post("/api/cases/{$case}/choice", (string) json_encode([...$said, 'seen' => ['ladybirds' => null]]));
}

/** @return array<string, string> when each door tells of the next look and the next round: kind and day */
function askedByDoors(int $case): array
{
    $of = static function (array $tasks): string {
        $days = [];
        foreach ($tasks as $task) {
            if (is_array($task) && in_array($task['kind'] ?? null, ['count-after', 'first-round', 'next-round'], true) && is_string($task['dueAt'])) {
                $days[] = "{$task['kind']} " . substr($task['dueAt'], 0, 10);
            }
        }
        sort($days);

        return implode(', ', $days);
    };
    $plant = (int) Notebook::get("/api/cases/{$case}")->number('plant.id');
    $acts = array_map(static fn(mixed $act): mixed => is_array($act) ? ['kind' => $act['kind'], 'dueAt' => $act['at']] : $act, Notebook::get("/api/cases/{$case}")->list('row.acts'));

    return ['today' => $of(Notebook::get('/api/today')->list('tasks')), 'case' => $of(Notebook::get("/api/cases/{$case}")->list('next')), 'plant' => $of(Notebook::get("/api/plants/{$plant}")->list('next')), 'row' => $of($acts)];
}

it('asks for the look and for no round before it, at every door', function (): void {
    $case = aphidsCounted(45.0);
    $choice = advisedWithLadybirds($case);
    expect($choice->text('whether.answer'))->toBe('not-yet')->and($choice->text('whether.words'))->toContain('Ladybirds or their grubs')->and($choice->number('whether.lookInDays'))->toBe(3.0);
    $kept = Notebook::sent("/api/cases/{$case}/waits", ['days' => 3, 'because' => 'enemies', 'seen' => ['ladybirds' => null]]);
    expect($kept->status)->toBe(201)->and($kept->text('waiting.words'))->toBe('Not sprayed for now: ladybirds or their grubs are at work.');
    foreach (askedByDoors($case) as $door => $said) {
        expect($said)->toBe('count-after 2026-06-04, first-round 2026-06-04', $door);
    }
    // Spray after all: it is taken back, and everything is as it was.
    expect(Notebook::put("/api/waits/{$kept->id('saved.id')}/taken-back", ['basedOn' => 1, 'takenBack' => true])->status)->toBe(200);
    foreach (askedByDoors($case) as $door => $said) {
        expect($said)->toBe('first-round 2026-06-01', $door);
    }
    expect(Notebook::get("/api/cases/{$case}")->at('waiting'))->toBeNull();
});

it('takes enemies that were seen to be there for a week, and asks again after that', function (): void {
    $case = aphidsCounted(45.0);
    advisedWithLadybirds($case);
    expect(Notebook::get("/api/cases/{$case}")->at('situation.seen'))->toBe(['ladybirds' => null])
        ->and(Notebook::get("/api/cases/{$case}")->text('friends'))->toBe('Ladybirds or their grubs were seen here: look before each round, they may do the work alone.');
    Date::setTestNow('2026-06-08T17:00:00Z');
    expect(Notebook::get("/api/cases/{$case}")->at('situation.seen'))->toBe(['ladybirds' => null]);
    Date::setTestNow('2026-06-08T19:00:00Z');
    expect(Notebook::get("/api/cases/{$case}")->at('situation.seen'))->toBeNull()->and(Notebook::get("/api/cases/{$case}")->text('friends'))->toBe('');
});

it('reads who eats them from the count that told of them last', function (): void {
    $case = aphidsCounted(45.0);
    $known = static fn(): array => [Notebook::get("/api/cases/{$case}")->at('situation.seen'), Notebook::get("/api/cases/{$case}")->text('friends')];
    expect($known())->toBe([null, '']);
    Date::setTestNow('2026-06-02T18:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'helpers' => ['ladybirds' => 3]]);
    expect($known())->toBe([['ladybirds' => 3], 'Ladybirds or their grubs were seen here: look before each round, they may do the work alone.']);
    // What the screen shows is sent again with the choice, and is no newer for it.
    Date::setTestNow('2026-06-08T18:00:00Z');
    expect(Notebook::post("/api/cases/{$case}/choice", (string) json_encode(Notebook::get("/api/cases/{$case}")->at('situation')))->text('whether.answer'))->toBe('not-yet');
    Date::setTestNow('2026-06-09T19:00:00Z');
    expect($known())->toBe([null, '']);
    // Others came; then somebody looked and saw none; on the plant left alone is not on this one.
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'helpers' => ['spiders' => null]]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'untreated' => true, 'helpers' => ['mummies' => 9]]);
    expect($known()[0])->toBe(['spiders' => null]);
    Date::setTestNow('2026-06-10T19:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'helpers' => new stdClass()]);
    expect($known())->toBe([null, '']);
    // A count in which nobody looked for them says nothing of them; the choice before it does.
    Date::setTestNow('2026-06-10T19:05:00Z');
    advisedWithLadybirds($case);
    Date::setTestNow('2026-06-11T19:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    expect($known()[0])->toBe(['ladybirds' => null]);
});

it('keeps what counts of before said of helpers', function (): void {
    $case = aphidsCounted(45.0);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'helpers' => true]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'helpers' => false]);
    $kept = static fn(): array => DB::table('counts')->orderBy('id')->pluck('helpers')->all();
    Notebook::undoneFrom('2026_12_01_000041');
    expect($kept())->toBe([null, 1, 0]);
    Artisan::call('migrate', ['--force' => true]);
    expect($kept())->toBe([null, '{"others":null}', '{}']);
});

it('moves a round that would come before the look, and no other', function (): void {
    $case = aphidsCounted(45.0);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'x']);
    $planned = static fn(): string => implode(', ', array_map(static fn(mixed $one): string => is_array($one) && is_string($one['plannedAt']) && is_string($one['kind']) ? "{$one['kind']} " . substr($one['plannedAt'], 0, 10) : '', Notebook::get("/api/cases/{$case}")->list('next')));
    expect($planned())->toContain('next-round 2026-06-06');
    Date::setTestNow('2026-06-04T18:00:00Z');
    Notebook::sent("/api/cases/{$case}/waits", ['days' => 1, 'because' => 'enemies']);
    expect($planned())->toContain('next-round 2026-06-06');
    Notebook::sent("/api/cases/{$case}/waits", ['days' => 7, 'because' => 'enemies']);
    expect($planned())->toContain('next-round 2026-06-11');
});

it('keeps what waiting did, until a round was sprayed', function (float $after, ?string $said): void {
    $case = aphidsCounted(45.0);
    Notebook::sent("/api/cases/{$case}/waits", ['days' => 3, 'because' => 'enemies', 'seen' => ['ladybirds' => 4]]);
    expect(Notebook::get('/api/worked')->list('waited'))->toBe([]);
    Date::setTestNow('2026-06-04T18:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => $after]);
    $worked = Notebook::get('/api/worked');
    expect($worked->text('waited.0.pest'))->toBe('aphids')->and($worked->text('waited.0.words'))->toBe($said)
        ->and(Notebook::get("/api/cases/{$case}")->at('waiting'))->toBeNull()
        ->and(advisedWithLadybirds($case)->text('whether.waited'))->toBe($said);
})->with([
    'gone' => [0.0, 'Waiting worked 1 of 1 times, 1 of them with helpers there; 1 times none were left.'],
    'fewer' => [20.0, 'Waiting worked 1 of 1 times, 1 of them with helpers there; 0 times none were left.'],
    'as many' => [45.0, 'Waiting worked 0 of 1 times; 0 times none were left.'],
    'more' => [200.0, 'Waiting worked 0 of 1 times; 0 times none were left.'],
]);

it('says what is wrong with a wait', function (array $body, string $path): void {
    /** @var array<string, mixed> $body */
    $case = aphidsCounted(45.0);
    $answer = Notebook::sent("/api/cases/{$case}/waits", $body);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    'no days' => [['because' => 'few'], ''],
    'never' => [['days' => 0, 'because' => 'few'], '/days'],
    'for ever' => [['days' => 1.0e300, 'because' => 'few'], '/days'],
    'no reason' => [['days' => 3], ''],
    'another reason' => [['days' => 3, 'because' => '<b>lazy</b>'], '/because'],
    'another enemy' => [['days' => 3, 'because' => 'few', 'seen' => ['cats' => 1]], '/seen/cats'],
    'less than none' => [['days' => 3, 'because' => 'few', 'seen' => ['ladybirds' => -1]], '/seen/ladybirds'],
]);
