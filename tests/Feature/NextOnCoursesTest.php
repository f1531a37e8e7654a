<?php

declare(strict_types=1);

use App\Records\CourseDues;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Answer;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

/*
 * What comes next on a course of many plants, and on which day: Today, its page, its line and the calendar give one answer after everything
 * that may be written, and when it asks next is kept as it would be reckoned anew. Common practice, no source.
 */

/** @return list<string> kind and hour of what some list of tasks asks of a course */
function rackAsked(int $course, Answer $answer, string $list): array
{
    $told = [];
    foreach ($answer->list($list) as $task) {
        if (is_array($task) && $task['ref'] === $course && is_string($task['kind']) && str_starts_with($task['kind'], 'course-') && is_string($task['dueAt'])) {
            $told[] = "{$task['kind']} {$task['dueAt']}";
        }
    }
    sort($told);

    return $told;
}

/** @return list<int> cases of the plants that are on it */
function rackCases(Answer $course): array
{
    return array_values(array_filter(array_map(static fn(mixed $one): int => is_array($one) && $one['left'] === false && is_int($one['caseId']) ? $one['caseId'] : 0, $course->list('plants')), static fn(int $id): bool => $id > 0));
}

/** @return list<int> plants that are on it */
function rackPlants(Answer $course): array
{
    return array_values(array_filter(array_map(static fn(mixed $one): int => is_array($one) && $one['left'] === false && is_array($one['plant']) && is_int($one['plant']['id']) ? $one['plant']['id'] : 0, $course->list('plants')), static fn(int $id): bool => $id > 0));
}

/** What somebody does with a course or one of its plants, by chance. */
function rackDone(int $course, Randomizer $random): string
{
    $page = Notebook::get("/api/courses/{$course}");
    $plants = rackPlants($page);
    if ($plants === [] || $page->at('endedAt') !== null) {
        return 'nothing';
    }
    $one = $plants[$random->getInt(0, count($plants) - 1)];
    $day = static fn(int $days): string => Date::now()->addDays($days)->format('Y-m-d');
    $recipes = array_map(static fn(mixed $method): string => is_array($method) && is_string($method['slug']) ? $method['slug'] : '', $page->list('methods'));
    $acts = [
        'a look' => static fn(): Answer => Notebook::sent("/api/courses/{$course}/looks", ['found' => $random->getInt(0, 3) === 0 ? [['plantId' => $one, 'pest' => 'mealybugs', 'count' => 6]] : []]),
        'something bought' => static fn(): Answer => Notebook::sent("/api/courses/{$course}/rounds", ['bought' => ['kind' => ['spray', 'dust', 'insects'][$random->getInt(0, 2)], 'name' => 'Something bought']]),
        'a walk' => static fn(): ?Answer => $recipes === [] ? null : rackWalked($page, $recipes[$random->getInt(0, count($recipes) - 1)]),
        'a test' => static fn(): ?Answer => $recipes === [] ? null : rackTested($one, $recipes[0], $random),
        'a burn' => static fn(): ?Answer => rackBurnt($one, $random->getInt(1, 30)),
        'flowers' => static fn(): Answer => Notebook::change("/api/plants/{$one}", ['name' => "Plant {$one}", 'tolerance' => 'tough-leaf', 'bloomFrom' => $day($begins = $random->getInt(-5, 10)), 'bloomUntil' => $day($begins + $random->getInt(0, 12))]),
        'thirst' => static fn(): Answer => Notebook::change("/api/plants/{$one}/now", ['dry' => $random->getInt(0, 1) === 1]),
        'other days' => static fn(): Answer => Notebook::change("/api/courses/{$course}", ['name' => $page->text('name'), 'pest' => $page->at('pest'), 'recipes' => $recipes, 'plantIds' => $plants, ...$recipes === [] ? [] : ['everyDays' => $random->getInt(5, 21)]]),
        'days one has' => static fn(): Answer => Notebook::put('/api/free-days', ['basedOn' => (int) Notebook::get('/api/free-days')->number('version'), 'weekdays' => [$random->getInt(1, 7), $random->getInt(1, 7)], 'away' => $random->getInt(0, 1) === 0 ? [] : [['from' => $day($goes = $random->getInt(-1, 9)), 'until' => $day($goes + $random->getInt(0, 9))]]]),
        'one taken off' => static fn(): ?Answer => count($plants) < 2 ? null : Notebook::change("/api/courses/{$course}", ['name' => $page->text('name'), 'pest' => $page->at('pest'), 'recipes' => $recipes, 'plantIds' => array_slice($plants, 1)]),
        'its end' => static fn(): ?Answer => $random->getInt(0, 4) > 0 ? null : Notebook::change("/api/courses/{$course}", ['name' => $page->text('name'), 'pest' => $page->at('pest'), 'recipes' => $recipes, 'plantIds' => $plants, 'ended' => true]),
        'a day goes by' => static fn(): ?Answer => null,
    ];
    $what = array_keys($acts)[$random->getInt(0, count($acts) - 1)];
    $said = $acts[$what]();
    // What may not be is refused with its reason, and changes nothing.
    expect($said === null || $said->status < 300 || ($said->status < 500 && $said->text('error.message') !== ''))->toBeTrue("{$what}: " . ($said->text ?? ''));

    return $what . ($said === null ? ', not done' : " {$said->status}");
}

function rackWalked(Answer $course, string $recipe): Answer
{
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]], 'courseId' => $course->id()]);
    if ($batch->status !== 201) {
        return $batch;
    }
    Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    $cases = rackCases($course);
    $run = Notebook::sent('/api/runs', ['batchId' => $batch->id(), 'caseIds' => $cases, 'override' => 'Tested last year.']);
    foreach ($run->status === 201 ? array_keys($cases) : [] as $i) {
        Notebook::put("/api/runs/{$run->id()}/steps/plant-" . ($i + 1), ['done' => true]);
    }

    return $run->status === 201 ? Notebook::put("/api/runs/{$run->id()}/finished", ['leftMl' => 0, 'rest' => 'used-up']) : $run;
}

function rackTested(int $plant, string $recipe, Randomizer $random): Answer
{
    $batch = Notebook::mixed(null, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    $test = Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    if ($test->status !== 201 || $random->getInt(0, 1) === 0) {
        return $test;
    }
    Date::setTestNow(Date::now()->addHours(50));

    return Notebook::sent("/api/leaf-tests/{$test->id()}/readings", ['leaves' => Leaves::seen(0, $random->getInt(0, 1) * 30)]);
}

function rackBurnt(int $plant, int $share): ?Answer
{
    $rounds = Notebook::get("/api/plants/{$plant}/burnt")->list('rounds');
    $first = $rounds[0] ?? null;

    return is_array($first) && is_string($first['key']) ? Notebook::sent("/api/rounds/{$first['key']}/burns", ['share' => $share]) : null;
}

/** Every door says the same of a course. */
function rackAgrees(int $course, string $seen): void
{
    $now = Date::now()->toDateTimeImmutable();
    $kept = array_map(static fn(DateTimeInterface $due): int => $due->getTimestamp(), app(CourseDues::class)->at($now));
    DB::table('course_dues')->delete();
    expect($kept)->toBe(array_map(static fn(DateTimeInterface $due): int => $due->getTimestamp(), app(CourseDues::class)->at($now)), $seen);
    $page = Notebook::get("/api/courses/{$course}");
    $own = rackAsked($course, $page, 'tasks');
    $today = rackAsked($course, Notebook::get('/api/today'), 'tasks');
    // What is further off than Today looks ahead is told by the course alone.
    $near = array_values(array_filter($own, static fn(string $one): bool => in_array($one, $today, true) || substr((string) strrchr($one, ' '), 1, 10) <= $now->modify('+7 days')->format('Y-m-d')));
    expect($today)->toBe($near, $seen);
    if ($page->at('ahead') === null) {
        return;
    }
    $entries = $page->list('ahead.entries');
    $next = array_values(array_filter($entries, static fn(mixed $one): bool => is_array($one) && $one['done'] === false && $one['kind'] === 'round'));
    $round = array_values(array_filter($own, static fn(string $one): bool => str_starts_with($one, 'course-round')))[0] ?? null;
    foreach ($entries as $one) {
        expect(is_array($one) && ($one['done'] === true || $one['on'] >= $now->format('Y-m-d')))->toBeTrue("{$seen}: " . json_encode($one));
    }
    if ($round !== null) {
        $day = max(substr((string) strrchr($round, ' '), 1, 10), $now->format('Y-m-d'));
        expect(is_array($next[0] ?? null) ? $next[0]['on'] : '')->toBe($day, $seen)
            ->and(preg_match("/UID:course-{$course}-spray-\\d+@/", Notebook::get(Notebook::get('/api/garden')->text('garden.feed'))->text))->toBe(1, $seen);
    }
}

/** @return list<int> seeds, each of one notebook; in full with --long */
function racksOfChance(): array
{
    return getenv('MIXER_LONG') === '1' ? range(1, 200) : range(1, 6);
}

it('says what comes next on a course of many plants with one voice', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    Date::setTestNow('2026-06-01T08:00:00Z');
    // Days are those of the place: with UTC none of them parts from what is compared.
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'station']);
    $courses = [];
    for ($many = $random->getInt(1, 2); $many > 0; --$many) {
        $recipes = [['neem-by-the-gallon'], ['plain-soap'], ['neem-by-the-gallon', 'plain-soap'], []][$random->getInt(0, 3)];
        $begun = Notebook::sent('/api/courses', ['name' => "Rack {$many}", 'pest' => $recipes === [] ? null : 'spider-mites', 'recipes' => $recipes, 'plantIds' => [], 'newPlants' => ['count' => $random->getInt(1, 3), 'name' => "Orchid {$many}", 'tolerance' => 'tough-leaf', 'place' => "Rack {$many}", 'indoors' => $random->getInt(0, 1) === 1]]);
        expect($begun->status)->toBe(201, $begun->text);
        $courses[] = $begun->id();
    }
    $seen = "seed {$seed}";
    for ($act = 0; $act < 7; ++$act) {
        $seen .= '; ' . Date::now()->format('m-d H:i ') . rackDone($courses[$random->getInt(0, count($courses) - 1)], $random);
        foreach ($courses as $course) {
            rackAgrees($course, $seen);
        }
        Date::setTestNow(Date::now()->addHours(24 * $random->getInt(0, 4) + $random->getInt(0, 9)));
        foreach ($courses as $course) {
            rackAgrees($course, "{$seen}; later");
        }
    }
})->with(racksOfChance(...));
