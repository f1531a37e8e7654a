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
    return Notebook::post('/api/trials', ['submission' => Notebook::submission(), 'pest' => 'aphids', 'name' => 'Soap against nothing', 'one' => 'Plain soap', 'other' => 'Nothing', 'plantIds' => [Notebook::plant()], 'unit' => 'leaf', 'units' => 8, ...$over]);
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
        ->and(begunTrial(['submission' => $key, 'plantIds' => [$made->id('plants.0.plant.id')]])->status)->toBe(200)->and(DB::table('trials')->count())->toBe(1)
        ->and($made->text('result'))->toBe('Count all of them before anything is sprayed.');
});

it('settles when one side is clearly better, and says by how much', function (): void {
    // Its lots go by its identity: the same each time.
    $trial = begunTrial(['submission' => 'a1d4c9de-6b0f-4c51-9d57-3f5f0f3f7c10'])->id();
    expect(lookAt($trial, [12, 11, 13, 12, 11, 12, 13, 11])->text('result'))->toStartWith('All are counted.');
    $lots = Notebook::get("/api/trials/{$trial}")->at('lots');
    assert(is_array($lots));
    Date::setTestNow('2026-06-01T19:00:00Z');
    expect(Notebook::change("/api/trials/{$trial}", ['sprayed' => true])->text('result'))->toStartWith('Sprayed. Count all of them again');
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

/*
 * Each side of a trial is a course: its plants are drawn by lot, it is mixed and sprayed as any other, and its rounds are on its plants.
 */

/** @return list<int> */
function sixPlants(): array
{
    return array_map(static fn(int $number): int => Notebook::plant("Bean {$number}"), range(1, 6));
}

/** @return array{letter: string, course: int, plants: int, left: int, cases: list<int>} one of its sides as it stands */
function sideOf(int $trial, string $letter): array
{
    foreach (Notebook::get("/api/trials/{$trial}")->list('sides') as $side) {
        if (is_array($side) && $side['letter'] === $letter && is_array($side['course']) && is_int($side['course']['id']) && is_int($side['plants']) && is_int($side['left'])) {
            $cases = array_filter(DB::table('cases')->where('course_id', $side['course']['id'])->orderBy('lot')->pluck('id')->all(), is_int(...));

            return ['letter' => $letter, 'course' => $side['course']['id'], 'plants' => $side['plants'], 'left' => $side['left'], 'cases' => array_values($cases)];
        }
    }
    throw new LogicException($letter);
}

/** @param list<int> $cases */
function walkedOver(int $batch, array $cases, string $at): void
{
    foreach ($cases as $case) {
        DB::table('rounds')->insert(['submission' => Notebook::submission(), 'case_id' => $case, 'batch_id' => $batch, 'sprayed_at' => $at]);
    }
}

it('puts each plant on one side by its lot, and says what is mixed for which', function (): void {
    $plants = sixPlants();
    $trial = begunTrial(['unit' => 'plant', 'units' => 6, 'plantIds' => $plants, 'one' => 'ignored', 'oneRecipe' => 'plain-soap', 'otherRecipe' => 'neem-by-the-gallon', 'other' => 'Neem']);
    expect($trial->status)->toBe(201)->and($trial->text('one'))->toBe('ignored')->and($trial->text('sides.0.recipe'))->toBe('plain-soap')->and($trial->text('sides.1.recipe'))->toBe('neem-by-the-gallon')
        ->and($trial->at('sides.0.alone'))->toBeFalse()->and($trial->at('sides.0.plants'))->toBe(3)->and($trial->at('sides.1.plants'))->toBe(3)
        ->and(array_map(static fn(mixed $one): array => is_array($one) && is_array($one['plant']) ? [$one['lot'], $one['plant']['id']] : [], $trial->list('plants')))->toBe(array_map(static fn(int $plant, int $i): array => [$i + 1, $plant], $plants, array_keys($plants)));
    $lots = $trial->list('lots');
    foreach (['A' => true, 'B' => false] as $letter => $first) {
        $on = DB::table('cases')->where('course_id', sideOf($trial->id(), $letter)['course'])->pluck('plant_id')->sort()->values()->all();
        expect($on)->toBe(array_values(array_intersect_key($plants, array_filter($lots, static fn(mixed $lot): bool => $lot === $first))));
    }
});

it('takes what it is called from its recipe, and Nothing for a side that is left alone', function (): void {
    $trial = Notebook::sent('/api/trials', ['pest' => 'aphids', 'oneRecipe' => 'plain-soap', 'otherAlone' => true, 'plantIds' => [Notebook::plant()], 'unit' => 'leaf', 'units' => 8]);
    $name = Notebook::get('/api/recipes/plain-soap')->text('name');
    expect([$trial->text('one'), $trial->text('other'), $trial->text('name'), $trial->at('sides.1.alone'), $trial->at('sides.1.left')])->toBe([$name, 'Nothing', "{$name} against Nothing", true, 0]);
});

it('is sprayed once every plant of both sides is, by the rounds of its courses, and asks for looks from the last on', function (): void {
    $trial = begunTrial(['unit' => 'plant', 'units' => 6, 'plantIds' => sixPlants()])->id();
    expect(Notebook::get("/api/trials/{$trial}")->at('sides.0.first'))->toBeFalse();
    lookAt($trial, [12, 11, 13, 12, 11, 12]);
    [$one, $other] = [sideOf($trial, 'A'), sideOf($trial, 'B')];
    $batch = Notebook::mixed();
    walkedOver($batch, array_slice($one['cases'], 0, 2), '2026-06-01 18:30:00');
    $halfway = Notebook::get("/api/trials/{$trial}");
    expect($halfway->at('sprayedAt'))->toBeNull()->and($halfway->at('sides.0.first'))->toBeTrue()->and($halfway->at('sides.1.first'))->toBeFalse()->and(sideOf($trial, 'A')['left'])->toBe(1)->and(sideOf($trial, 'B')['left'])->toBe(3)
        ->and($halfway->text('plan'))->toStartWith('Count all of them first.');
    walkedOver($batch, array_slice($one['cases'], 2), '2026-06-01 18:40:00');
    walkedOver($batch, $other['cases'], '2026-06-01 19:00:00');
    Date::setTestNow('2026-06-02T08:00:00Z');
    $told = Notebook::get("/api/trials/{$trial}");
    expect($told->text('sprayedAt'))->toStartWith('2026-06-01T19:00:00')
        ->and($told->text('plan'))->toContain('It ends on')->and(str_contains($told->text('plan'), 'hours after the other'))->toBeFalse()
        // What was sprayed is on the plants, and counts for their leaves.
        ->and(DB::table('rounds')->whereIn('case_id', [...$one['cases'], ...$other['cases']])->count())->toBe(6);
    $asked = array_values(array_filter(Notebook::get('/api/today')->list('tasks'), static fn(mixed $task): bool => is_array($task) && $task['kind'] === 'trial-count'));
    expect(array_map(static fn(array $task): string => is_string($task['dueAt']) ? substr($task['dueAt'], 0, 10) : '', $asked))->toBe(['2026-06-04']);
});

it('says so where the sides were sprayed more than a day apart', function (): void {
    $trial = begunTrial(['unit' => 'plant', 'units' => 6, 'plantIds' => sixPlants()])->id();
    $batch = Notebook::mixed();
    walkedOver($batch, sideOf($trial, 'A')['cases'], '2026-05-28 18:00:00');
    walkedOver($batch, sideOf($trial, 'B')['cases'], '2026-05-30 18:00:00');
    expect(Notebook::get("/api/trials/{$trial}")->text('plan'))->toContain('48 hours after the other');
});

it('has the batch that is mixed for a side, until it is sprayed', function (): void {
    $trial = begunTrial(['oneRecipe' => 'neem-by-the-gallon', 'otherAlone' => true])->id();
    $side = sideOf($trial, 'A');
    $batch = Notebook::mixed();
    DB::table('batches')->where('id', $batch)->update(['course_id' => $side['course']]);
    $told = Notebook::get("/api/trials/{$trial}");
    expect($told->at('sides.0.batchId'))->toBe($batch)->and($told->at('sides.0.bottle.course'))->toBe($side['course'])->and($told->text('sides.0.bottle.actWords'))->not->toBe('')
        ->and($told->at('sides.1.batchId'))->toBeNull();
    walkedOver($batch, $side['cases'], '2026-06-01 18:00:00');
    expect(Notebook::get("/api/trials/{$trial}")->at('sides.0.batchId'))->toBeNull();
});

it('is no course of its own on Today, among courses, or to be changed', function (): void {
    $trial = begunTrial(['oneRecipe' => 'neem-by-the-gallon', 'other' => 'Green jug'])->id();
    $course = sideOf($trial, 'A')['course'];
    $kinds = array_map(static fn(mixed $task): string => is_array($task) && is_string($task['kind']) ? $task['kind'] : '', Notebook::get('/api/today')->list('tasks'));
    expect(array_filter($kinds, static fn(string $kind): bool => str_starts_with($kind, 'course-')))->toBe([])
        ->and(Notebook::get('/api/courses')->list('courses'))->toBe([]);
    $told = Notebook::get("/api/courses/{$course}");
    expect([$told->at('trial.id'), $told->at('side'), $told->list('tasks'), $told->at('ahead')])->toBe([$trial, 'A', [], null]);
    $change = Notebook::put("/api/courses/{$course}", ['basedOn' => 1, 'name' => 'Mine', 'recipes' => [], 'plantIds' => []]);
    expect($change->status)->toBe(409)->and($change->text('error.message'))->toContain('one side of the trial “Soap against nothing”')
        ->and(Notebook::sent("/api/courses/{$course}/looks", ['found' => []])->status)->toBe(409);
    // It ends with its trial.
    Notebook::change("/api/trials/{$trial}", ['ended' => true]);
    expect(Notebook::get("/api/courses/{$course}")->at('endedAt'))->not->toBeNull();
});

it('records what was bought for a side on all of its plants', function (): void {
    $trial = begunTrial(['one' => 'Green jug', 'other' => 'Nothing', 'otherAlone' => true, 'unit' => 'plant', 'units' => 6, 'plantIds' => sixPlants()])->id();
    $side = sideOf($trial, 'A');
    expect(Notebook::sent("/api/courses/{$side['course']}/rounds", ['bought' => ['kind' => 'spray', 'name' => 'Green jug', 'holds' => 'oil']])->status)->toBe(201)
        ->and(sideOf($trial, 'A')['left'])->toBe(0)
        ->and(Notebook::get("/api/trials/{$trial}")->at('sprayedAt'))->not->toBeNull()
        ->and(DB::table('rounds')->whereIn('case_id', $side['cases'])->where('bought_holds', 'oil')->count())->toBe(3);
});

it('refuses plants and sides that make no trial', function (array $over, string $path): void {
    /** @var array<string, mixed> $over */
    $answer = begunTrial(array_map(static fn(mixed $value): mixed => $value === 'six' ? sixPlants() : $value, $over));
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([
    'no plant' => [['plantIds' => []], '/plantIds'],
    'no such plant' => [['plantIds' => [999]], '/plantIds/0'],
    'a plant twice' => [['plantIds' => [1, 1]], '/plantIds/1'],
    'whole plants, too few' => [['unit' => 'plant', 'plantIds' => [1]], '/plantIds'],
    'whole plants, and another number of them' => [['unit' => 'plant', 'plantIds' => 'six', 'units' => 8], '/units'],
    'no such recipe' => [['oneRecipe' => 'moonshine'], '/oneRecipe'],
    'the same recipe twice' => [['oneRecipe' => 'plain-soap', 'otherRecipe' => 'plain-soap', 'other' => 'Another'], '/other'],
    'left alone, and a recipe' => [['otherAlone' => true, 'otherRecipe' => 'plain-soap'], '/otherRecipe'],
    'neither a name nor a recipe' => [['one' => ''], '/one'],
]);

it('tells a trial from before its sides were courses as it did', function (): void {
    $trial = begunTrial()->id();
    DB::table('cases')->whereIn('course_id', DB::table('courses')->where('trial_id', $trial)->pluck('id'))->delete();
    DB::table('courses')->where('trial_id', $trial)->delete();
    lookAt($trial, [12, 11, 13, 12, 11, 12, 13, 11]);
    expect(Notebook::get("/api/trials/{$trial}")->list('sides'))->toBe([])
        ->and(Notebook::change("/api/trials/{$trial}", ['sprayed' => true])->text('sprayedAt'))->toStartWith('2026-06-01');
});

// Common practice of trials, no source: nothing else goes on what is being compared. Before it is sprayed, and once it has ended, it is free.
it('warns at the gate of anything else as long as it is counted', function (): void {
    $plants = sixPlants();
    $trial = begunTrial(['unit' => 'plant', 'units' => 6, 'plantIds' => $plants])->id();
    $case = Notebook::case($plants[0]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 60]);
    $batch = Notebook::mixed();
    $warned = static function () use ($case): bool {
        Notebook::mixed($case);

        return str_contains((string) json_encode(array_column(array_filter(Notebook::get("/api/cases/{$case}")->list('batches'), is_array(...)), 'gate')), '"in-trial"');
    };
    $asked = [$warned()];
    walkedOver($batch, sideOf($trial, 'A')['cases'], '2026-06-01 18:00:00');
    $asked[] = $warned();
    walkedOver($batch, sideOf($trial, 'B')['cases'], '2026-06-01 18:30:00');
    Date::setTestNow('2026-06-02T18:00:00Z');
    $asked[] = $warned();
    Notebook::change("/api/trials/{$trial}", ['ended' => true]);
    expect([...$asked, $warned()])->toBe([false, false, true, false]);
});
