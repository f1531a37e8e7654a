<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Lots;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @param array<string, mixed> $over */
function begunTrial(array $over = []): Answer
{
    return Notebook::post('/api/trials', ['submission' => Notebook::submission(), 'pest' => 'aphids', 'name' => 'Soap against nothing', 'one' => 'Plain soap', 'other' => 'Nothing', 'unit' => 'leaf', 'units' => 8, ...$over]);
}

/** @param list<int|float|null> $counts */
function lookAt(int $trial, array $counts): Answer
{
    return Notebook::post("/api/trials/{$trial}/looks", ['submission' => Notebook::submission(), 'counts' => $counts]);
}

it('draws lots by its own identity, and sends the same trial twice as one', function (): void {
    $key = Notebook::submission();
    $made = begunTrial(['submission' => $key]);
    $seed = DB::table('trials')->value('seed');
    expect($made->status)->toBe(201)->and($made->at('lots'))->toBe(Lots::draw(is_int($seed) ? $seed : 0, 8))
        ->and(begunTrial(['submission' => $key])->status)->toBe(200)->and(DB::table('trials')->count())->toBe(1)
        ->and($made->text('result'))->toBe('Count every leaf before anything is sprayed.');
});

it('settles when one side is clearly better, and says by how much', function (): void {
    // Its lots go by its identity: the same each time.
    $trial = begunTrial(['submission' => 'a1d4c9de-6b0f-4c51-9d57-3f5f0f3f7c10'])->id();
    expect(lookAt($trial, [12, 11, 13, 12, 11, 12, 13, 11])->text('result'))->toStartWith('All are counted.');
    $lots = Notebook::get("/api/trials/{$trial}")->at('lots');
    assert(is_array($lots));
    Date::setTestNow('2026-06-01T19:00:00Z');
    expect(Notebook::change("/api/trials/{$trial}", ['sprayed' => true])->text('result'))->toStartWith('Sprayed. Count every leaf again');
    Date::setTestNow('2026-06-03T19:00:00Z');
    $told = lookAt($trial, array_values(array_map(static fn(mixed $first): int => $first === true ? 1 : 12, $lots)));
    // By hand, a half added to each count: 1.5 of 12.5, 13.5, 12.5 and 13.5 are left on one side, 12.5 of 11.5, 12.5, 11.5 and 11.5
    // on the other; by their geometric means that is 12.5 / 11.74 against 1.5 / 12.99.
    expect($told->at('settled'))->toBeTrue()->and($told->text('result'))->toStartWith('Nothing left 9.2 times as many as Plain soap')->and($told->text('result'))->toContain('the trial may stop')
        ->and($told->number('percent'))->toBeGreaterThan(80.0);
    $ended = Notebook::change("/api/trials/{$trial}", ['ended' => true, 'conclusion' => 'Soap it is.']);
    expect($ended->text('conclusion'))->toBe('Soap it is.')->and($ended->at('endedAt'))->not->toBeNull();
});

it('settles nothing where both are alike, and bears a lost leaf', function (): void {
    $trial = begunTrial()->id();
    lookAt($trial, [12, 11, 13, 12, 11, 12, 13, 11]);
    Notebook::change("/api/trials/{$trial}", ['sprayed' => true]);
    Date::setTestNow('2026-06-03T19:00:00Z');
    $told = lookAt($trial, [6, 5, null, 6, 5, 7, 6, 5]);
    expect($told->at('settled'))->toBeFalse()->and($told->text('result'))->toContain('settles nothing yet');
    // A slip in a look is corrected, and what it says follows.
    $look = $told->id('looks.1.id');
    $before = $told->number('percent');
    expect(Notebook::put("/api/trial-looks/{$look}", ['basedOn' => 1, 'counts' => [6, 5, 40, 6, 5, 7, 6, 5]])->number('percent'))->not->toBe($before);
});

it('refuses a trial that is none', function (array $over, string $path): void {
    /** @var array<string, mixed> $over */
    $answer = begunTrial($over);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    'the same on both sides' => [['other' => 'plain soap'], '/other'],
    'too few leaves' => [['units' => 4], '/units'],
    'half a leaf' => [['units' => 8.5], '/units'],
    'no such unit' => [['unit' => 'hedge'], '/unit'],
    'no such pest' => [['pest' => 'ghosts'], '/pest'],
    'no name' => [['name' => ''], '/name'],
]);

it('refuses a look with a leaf too few, or in the future, and a trial that is not there', function (): void {
    $trial = begunTrial()->id();
    expect(lookAt($trial, [1, 2, 3])->text('error.path'))->toBe('/counts')
        ->and(lookAt($trial, [1, 2, 3, 4, 5, 6, 7, -8])->text('error.path'))->toBe('/counts/7')
        ->and(lookAt(999, [1])->status)->toBe(404)
        ->and(Notebook::get('/api/trials/999')->status)->toBe(404)
        ->and(Notebook::post("/api/trials/{$trial}/looks", ['submission' => Notebook::submission(), 'counts' => [1, 2, 3, 4, 5, 6, 7, 8], 'countedAt' => '2030-01-01T00:00:00Z'])->text('error.path'))->toBe('/countedAt');
});

it('stands on Today with what it asks for, until it has ended', function (): void {
    $asks = static function (): array {
        $told = array_map(static fn(mixed $task): string => is_array($task) && is_string($task['kind']) && is_string($task['dueAt']) ? "{$task['kind']} " . substr($task['dueAt'], 0, 10) : '', Notebook::get('/api/today')->list('tasks'));

        return array_values(array_filter($told, static fn(string $one): bool => str_starts_with($one, 'trial-')));
    };
    $trial = begunTrial()->id();
    expect($asks())->toBe(['trial-count 2026-06-01']);
    lookAt($trial, [12, 11, 13, 12, 11, 12, 13, 11]);
    expect($asks())->toBe(['trial-spray 2026-06-01']);
    Notebook::change("/api/trials/{$trial}", ['sprayed' => true]);
    expect($asks())->toBe(['trial-count 2026-06-04']);
    Notebook::change("/api/trials/{$trial}", ['ended' => true]);
    expect($asks())->toBe([]);
});
