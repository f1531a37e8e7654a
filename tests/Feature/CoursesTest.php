<?php

declare(strict_types=1);

use App\Models\Round;
use App\Models\Watch;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * Courses of many plants: what is sprayed on all of them as prevention, and the looks over them. Common practice, no source: neem every
 * 14 days as prevention; while nothing is found the days grow (7, 10, 14, 28), and they shrink when something is seen; what stood next to
 * an infested plant is looked at three days later.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
});

/** @param array<string, mixed> $over */
function begunCourse(array $over = []): Answer
{
    return Notebook::post('/api/courses', [
        'submission' => Notebook::submission(), 'name' => 'The orchid rack', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [],
        'newPlants' => ['count' => 20, 'name' => 'Orchid', 'tolerance' => 'tough-leaf', 'place' => 'The rack', 'indoors' => true], ...$over,
    ]);
}

/** @return list<string> kind and day of what Today asks of courses */
function courseTasks(): array
{
    $told = [];
    foreach (Notebook::get('/api/today')->list('tasks') as $task) {
        if (is_array($task) && is_string($task['kind']) && is_string($task['dueAt']) && str_starts_with($task['kind'], 'course-')) {
            $told[] = "{$task['kind']} " . substr($task['dueAt'], 0, 10);
        }
    }

    return $told;
}

/** @return string kind and day of what its line has next, that was not done yet */
function courseNext(Answer $course): string
{
    foreach (Notebook::get("/api/courses/{$course->id()}")->list('ahead.entries') as $one) {
        if (is_array($one) && $one['done'] === false && $one['kind'] !== 'handwork' && is_string($one['kind']) && is_string($one['on'])) {
            return "{$one['kind']} {$one['on']}";
        }
    }

    return '';
}

/** @return list<int> ids of its plants */
function onCourse(Answer $course): array
{
    return array_map(static fn(mixed $one): int => is_array($one) && is_array($one['plant']) && is_int($one['plant']['id']) ? $one['plant']['id'] : 0, $course->list('plants'));
}

/** All its plants are sprayed in one walk. */
function walkOver(Answer $course): int
{
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => 'L']]], 'courseId' => $course->id()])->id();
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'even']);
    $cases = array_values(array_filter(array_map(static fn(mixed $one): ?int => is_array($one) && $one['left'] === false && is_int($one['caseId']) ? $one['caseId'] : null, $course->list('plants')), is_int(...)));
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => $cases, 'override' => 'Tested last year.'])->id();
    foreach ($cases as $i => $case) {
        Notebook::put("/api/runs/{$run}/steps/plant-" . ($i + 1), ['done' => true]);
    }
    Notebook::put("/api/runs/{$run}/finished", ['leftMl' => 0, 'rest' => 'used-up']);

    return $batch;
}

it('sets twenty plants under prevention in one call, and sends the same twice as one', function (): void {
    $key = Notebook::submission();
    $course = begunCourse(['submission' => $key]);
    expect($course->status)->toBe(201)->and(begunCourse(['submission' => $key])->status)->toBe(200)
        ->and(DB::table('plants')->count())->toBe(20)->and(DB::table('courses')->count())->toBe(1)
        ->and($course->list('plants'))->toHaveCount(20)->and($course->text('plants.19.plant.name'))->toBe('Orchid 20')
        ->and([$course->text('state'), $course->text('because')])->toBe(['go-on', 'As prevention: the first round.'])
        // One task for all, and no case in any list.
        ->and(courseTasks())->toBe(['course-round 2026-06-01'])
        ->and(Notebook::get('/api/cases')->list('cases'))->toBe([])
        ->and(Notebook::get('/api/today')->number('openCases'))->toBe(0.0);
});

it('is one round when all are sprayed in one walk, and the next comes by its school', function (): void {
    $course = begunCourse();
    walkOver($course);
    $after = Notebook::get("/api/courses/{$course->id()}");
    expect(Round::query()->count())->toBe(20)->and($after->number('rounds'))->toBe(1.0)
        ->and(courseNext($course))->toBe('look 2026-06-15')
        // What each plant had is told of it, and judged with it.
        ->and(Notebook::get("/api/plants/{$course->number('plants.3.plant.id')}")->text('had.0.course.name'))->toBe('The orchid rack')
        ->and($after->list('limits'))->toContain('Neem: 1 of 8 rounds this year, as labels usually have it.');
});

it('stretches while nothing is found, and shrinks when something is', function (): void {
    $course = begunCourse();
    walkOver($course);
    Date::setTestNow('2026-06-10T08:00:00Z');
    Notebook::post("/api/courses/{$course->id()}/looks", ['submission' => Notebook::submission(), 'found' => []]);
    expect(courseTasks())->toBe([])->and(courseNext($course))->toBe('look 2026-06-29');
    Date::setTestNow('2026-06-11T08:00:00Z');
    $orchid = Notebook::get("/api/courses/{$course->id()}")->number('plants.4.plant.id');
    Notebook::post("/api/courses/{$course->id()}/looks", ['submission' => Notebook::submission(), 'found' => [['plantId' => (int) $orchid, 'pest' => 'mealybugs', 'count' => 6]]]);
    // The others are looked over three days later, and sprayed after 14 days as at first.
    expect(courseTasks())->toBe(['course-look 2026-06-14', 'course-round 2026-06-15']);
});

it('gives the plant that is infested a case of its own, and asks about its neighbours once', function (): void {
    $course = begunCourse();
    Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Fern beside it', 'tolerance' => 'tender-leaf', 'place' => 'The rack']);
    $orchid = (int) $course->number('plants.4.plant.id');
    $key = Notebook::submission();
    $look = ['submission' => $key, 'found' => [['plantId' => $orchid, 'pest' => 'mealybugs', 'count' => 6]]];
    expect(Notebook::post("/api/courses/{$course->id()}/looks", $look)->status)->toBe(201)
        ->and(Notebook::post("/api/courses/{$course->id()}/looks", $look)->status)->toBe(200);
    $cases = Notebook::get('/api/cases');
    expect($cases->list('cases'))->toHaveCount(1)->and($cases->text('cases.0.name'))->toBe('Mealybugs on Orchid 5')->and($cases->number('cases.0.latestCount'))->toBe(6.0)
        // Only the fern, which is not on the course, is looked over by itself.
        ->and(Watch::query()->count())->toBe(1);
    $now = Notebook::get("/api/courses/{$course->id()}");
    expect($now->at('plants.4.left'))->toBeTrue()->and($now->text('plants.4.conclusion'))->toBe('Something was found on it: it has a case of its own.')
        ->and($now->text('tasks.0.text'))->toContain('(19 plants)');
});

it('takes back a look at clean plants, and none from which a case was opened', function (): void {
    $course = begunCourse();
    $clean = Notebook::sent("/api/courses/{$course->id()}/looks", ['found' => []])->id('looks.0.id');
    expect(Notebook::put("/api/course-looks/{$clean}/taken-back", ['basedOn' => 1, 'takenBack' => true])->status)->toBe(200);
    $found = Notebook::sent("/api/courses/{$course->id()}/looks", ['found' => [['plantId' => onCourse($course)[0], 'pest' => 'mealybugs']]])->id('looks.0.id');
    $refused = Notebook::put("/api/course-looks/{$found}/taken-back", ['basedOn' => 1, 'takenBack' => true]);
    expect($refused->status)->toBe(409)->and($refused->text('error.message'))->toContain('1 case')
        ->and(Notebook::get("/api/courses/{$course->id()}")->list('looks'))->toHaveCount(1);
});

it('refuses days that a leaf does not bear, and says the nearest that may be', function (): void {
    $course = begunCourse();
    $changed = Notebook::change("/api/courses/{$course->id()}", ['name' => 'The orchid rack', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'everyDays' => 1, 'plantIds' => onCourse($course)]);
    expect($changed->text('state'))->toBe('refuse')->and($changed->text('because'))->toContain('more than a leaf bears')->and($changed->text('nearest'))->not->toBe('')->and(courseTasks())->toBe(['course-look 2026-06-01']);
});

it('leaves out what is taken off it, takes it back, and ends', function (): void {
    $course = begunCourse();
    $ids = onCourse($course);
    /** @param list<int> $plants */
    $say = static fn(array $plants, bool $ended = false): Answer => Notebook::change("/api/courses/{$course->id()}", ['name' => 'The rack', 'pest' => null, 'recipes' => ['neem-by-the-gallon'], 'plantIds' => $plants, 'ended' => $ended]);
    $on = static fn(Answer $answer): int => count(array_filter($answer->list('plants'), static fn(mixed $one): bool => is_array($one) && $one['left'] === false));
    expect($on($say(array_slice($ids, 0, 5))))->toBe(5)->and($on($say($ids)))->toBe(20)->and($say($ids)->at('pest'))->toBeNull();
    $ended = $say($ids, true);
    expect($ended->at('endedAt'))->not->toBeNull()->and(courseTasks())->toBe([])->and($ended->list('tasks'))->toBe([]);
});

it('says what is wrong with what is sent, and keeps nothing of it', function (string $key, mixed $value, string $path, string $says): void {
    $answer = begunCourse([$key => $value]);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path)->and($answer->text('error.message'))->toContain($says)
        ->and(DB::table('courses')->count())->toBe(0)->and(DB::table('plants')->count())->toBe(0);
})->with([
    'no plants' => ['newPlants', null, '/plantIds', 'Which plants?'],
    'too many' => ['newPlants', ['count' => 101, 'name' => 'Orchid', 'tolerance' => 'tough-leaf'], '/newPlants/count', '100'],
    'none of them' => ['newPlants', ['count' => 0, 'name' => 'Orchid', 'tolerance' => 'tough-leaf'], '/newPlants/count', '1'],
    'a plant that is not there' => ['plantIds', [99], '/plantIds/0', 'plant'],
    'a recipe that is not there' => ['recipes', ['moon-dust'], '/recipes/0', 'moon-dust'],
    'no recipe, and not that there is none' => ['recipes', null, '/recipes', ''],
    'no days' => ['everyDays', 0, '/everyDays', '0'],
    'a pest that is none' => ['pest', 'dragons', '/pest', 'dragons'],
    'no name' => ['name', ' ', '/name', ''],
]);

// Common practice, no source: what burnt one of them rests two weeks, and no round of that spray goes on its kind.
it('hears of leaves that burnt after a round of the course, also where nothing is feared by name', function (?string $pest): void {
    $course = begunCourse(['pest' => $pest, 'newPlants' => ['count' => 2, 'name' => 'Orchid', 'tolerance' => 'tough-leaf', 'place' => 'The rack', 'indoors' => true]]);
    walkOver($course);
    $plant = (int) $course->number('plants.0.plant.id');
    $round = Notebook::get("/api/plants/{$plant}/burnt")->text('rounds.0.key');
    $burn = Notebook::sent("/api/rounds/{$round}/burns", ['share' => 30]);
    expect($burn->status)->toBe(201)->and($burn->at('case'))->toBeNull();
    expect(Notebook::change("/api/burns/{$burn->id('saved.id')}", ['share' => 40, 'kinds' => [], 'special' => []])->status)->toBe(200);
    expect(DB::table('burns')->pluck('share')->all())->toBe([40.0])
        // Its plant rests, and is looked at.
        ->and(array_column(Notebook::get('/api/today')->list('tasks'), 'kind'))->toContain('look-at-burn');
})->with(['spider mites' => ['spider-mites'], 'nothing' => [null]]);

it('goes into the calendar', function (): void {
    $feed = Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'station'])->text('garden.feed');
    walkOver(begunCourse());
    $calendar = (string) preg_replace('/\r\n /', '', Notebook::get($feed)->text);
    expect($calendar)->toContain('SUMMARY:Spray all of them: The orchid rack (20 plants)')->toContain('SUMMARY:Spray Neem by the gallon: The orchid rack (20 plants)');
});

/*
 * What a plant's leaves and the weather said of it moves its course as it moves a case. Common practice, no source: nothing else for 14
 * days on leaves that burnt, from the day on which it was seen; a test that was begun is read before all of them are sprayed; what rain
 * washed off is given again once the leaves are dry.
 */
it('moves a round when all its plants burnt, and not when one of them did', function (): void {
    $course = begunCourse(['newPlants' => ['count' => 2, 'name' => 'Orchid', 'tolerance' => 'tough-leaf', 'kind' => 'Orchid', 'place' => 'The rack', 'indoors' => true]]);
    walkOver($course);
    $burnt = static function (int $plant) use ($course): void {
        $round = Notebook::get("/api/plants/{$course->id("plants.{$plant}.plant.id")}/burnt")->text('rounds.0.key');
        Notebook::sent("/api/rounds/{$round}/burns", ['share' => 30]);
    };
    Date::setTestNow('2026-06-04T08:00:00Z');
    $burnt(0);
    expect(courseNext($course))->toBe('look 2026-06-15');
    Date::setTestNow('2026-06-13T08:00:00Z');
    $burnt(1);
    // The first burn was seen on the 4th: from the 18th on there is a plant that has rested. Two leaves with half of it come first.
    $now = Notebook::get("/api/courses/{$course->id()}");
    expect($now->text('state'))->toBe('wait')->and($now->text('because'))->toContain('17 June')
        ->and(courseTasks())->not->toContain('course-round 2026-06-15');
});

it('waits for a leaf test that was begun', function (): void {
    $course = begunCourse();
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => 'L']]], 'courseId' => $course->id()])->id();
    Notebook::post("/api/batches/{$batch}/finish", ['standTest' => 'even']);
    Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $course->id('plants.0.plant.id'), 'leaves' => 2, 'controls' => false]);
    expect(courseTasks())->toContain('course-round 2026-06-04')->and(Notebook::get("/api/courses/{$course->id()}")->text('state'))->toBe('wait');
});

it('gives a round again that rain washed off, out of doors only', function (bool $indoors, array $tasks): void {
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'file']);
    $course = begunCourse(['newPlants' => ['count' => 2, 'name' => 'Rose', 'tolerance' => 'tough-leaf', 'place' => 'Bed', 'indoors' => $indoors]]);
    walkOver($course);
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    foreach (range(0, 140) as $hour) {
        $rows .= gmdate('Y-m-d\TH:00:00\Z', 1_780_272_000 + $hour * 3600) . ',18,60,5,' . ($hour >= 10 && $hour <= 14 ? '6' : '0') . ",10\n";
    }
    Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'rain.csv', 'content' => $rows]);
    Date::setTestNow('2026-06-02T07:00:00Z');
    expect(courseTasks())->toBe($tasks);
})->with(['out in it' => [false, ['course-round 2026-06-02']], 'under a roof' => [true, ['course-round 2026-06-15']]]);

/*
 * Newcomers stand apart for four weeks, are looked over as they come and once a week, and are clear then; what is found begins the weeks of
 * the others anew. Common practice, no source.
 */
function newcomers(): Answer
{
    return begunCourse(['name' => 'New orchids', 'pest' => null, 'recipes' => [], 'newPlants' => ['count' => 3, 'name' => 'Newcomer', 'tolerance' => 'tough-leaf', 'place' => 'The bathroom', 'indoors' => true]]);
}

/** @param list<array<string, mixed>> $found */
function lookedOver(Answer $course, string $at, array $found = []): void
{
    Date::setTestNow($at);
    expect(Notebook::post("/api/courses/{$course->id()}/looks", ['submission' => Notebook::submission(), 'found' => $found])->status)->toBe(201);
}

it('asks on Today to look over what stands apart, once a week, and lets it go after four weeks', function (): void {
    $course = newcomers();
    expect($course->status)->toBe(201)->and($course->list('methods'))->toBe([])
        ->and($course->text('because'))->toBe('They stand apart until 29 June, and are looked over once a week. A find begins the four weeks anew.')
        ->and(courseTasks())->toBe(['course-look 2026-06-01'])
        ->and(courseNext($course))->toBe('look 2026-06-01');
    foreach (['2026-06-01', '2026-06-08', '2026-06-15', '2026-06-22'] as $i => $day) {
        lookedOver($course, "{$day}T09:00:00Z");
        expect(courseNext($course))->toBe('look ' . ['2026-06-08', '2026-06-15', '2026-06-22', '2026-06-29'][$i]);
    }
    Date::setTestNow('2026-06-30T08:00:00Z');
    expect(courseTasks())->toBe(['course-look 2026-06-30']);
    lookedOver($course, '2026-06-30T09:00:00Z');
    expect(courseTasks())->toBe(['course-clear 2026-06-30'])
        // Since that look, and not since the night before.
        ->and(Notebook::get('/api/today')->text('tasks.0.dueAt'))->toBe('2026-06-30T09:00:00Z')
        ->and(courseNext($course))->toBe('')
        ->and(Notebook::get("/api/courses/{$course->id()}")->text('because'))->toBe('Four weeks without a find, and clean on 30 June: they may stand with the others.');
    $ended = Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => onCourse($course), 'ended' => true]);
    expect($ended->status)->toBe(200)->and(courseTasks())->toBe([]);
});

it('begins the weeks of the others anew where something is found on one', function (): void {
    $course = newcomers();
    lookedOver($course, '2026-06-01T09:00:00Z');
    lookedOver($course, '2026-06-08T09:00:00Z', [['plantId' => onCourse($course)[1], 'pest' => 'mealybugs', 'count' => 4]]);
    $after = Notebook::get("/api/courses/{$course->id()}");
    expect(courseNext($course))->toBe('look 2026-06-11')
        ->and($after->text('because'))->toBe('Something was found on 8 June, so the four weeks began anew: the others stand apart until 6 July.')
        ->and(Notebook::get('/api/cases')->list('cases'))->toHaveCount(1);
    // One more comes: its weeks are counted from then, and it is looked over as it comes.
    Date::setTestNow('2026-06-20T09:00:00Z');
    $more = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'One more', 'tolerance' => 'tough-leaf', 'indoors' => true])->id();
    $on = array_values(array_filter(onCourse($course), static fn(int $id): bool => $id !== onCourse($course)[1]));
    expect(Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => [...$on, $more]])->status)->toBe(200)
        ->and(courseNext($course))->toBe('look 2026-06-20')
        ->and(Notebook::get("/api/courses/{$course->id()}")->text('because'))->toContain('until 18 July');
});

it('says of each plant that it stands apart, wherever it is drawn, until it stands with the others', function (): void {
    $course = newcomers();
    $plants = onCourse($course);
    $brief = static fn(): array => array_map(static fn(mixed $row): mixed => is_array($row) ? $row['brief'] : null, Notebook::get('/api/rows')->list('rows'));
    expect($brief())->toBe(['stands apart', 'stands apart', 'stands apart'])
        ->and(Notebook::get("/api/plants/{$plants[0]}")->text('row.said'))->toContain('It stands apart from the others.')
        ->and(Notebook::get("/api/plants/{$plants[0]}")->text('apart.name'))->toBe('New orchids')
        ->and(Notebook::get('/api/courses')->at('courses.0.apart'))->toBeTrue();
    Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => array_slice($plants, 1)]);
    expect($brief())->toBe(['nothing on it', 'stands apart', 'stands apart'])->and(Notebook::get("/api/plants/{$plants[0]}")->at('apart'))->toBeNull();
    Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => array_slice($plants, 1), 'ended' => true]);
    expect($brief())->toBe(['nothing on it', 'nothing on it', 'nothing on it']);
});

it('counts the weeks of one that comes back from then', function (): void {
    $course = newcomers();
    $plants = onCourse($course);
    lookedOver($course, '2026-06-01T09:00:00Z');
    lookedOver($course, '2026-06-08T09:00:00Z', [['plantId' => $plants[1], 'pest' => 'mealybugs', 'count' => 4]]);
    foreach (['2026-06-11', '2026-06-18', '2026-06-25', '2026-07-02', '2026-07-06'] as $day) {
        lookedOver($course, "{$day}T09:00:00Z");
    }
    expect(courseTasks())->toContain('course-clear 2026-07-06');
    // It was rid of them, and stands with the newcomers once more.
    Date::setTestNow('2026-07-07T09:00:00Z');
    $back = Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => $plants]);
    expect($back->text('because'))->toContain('until 4 August')->and(courseNext($course))->toBe('look 2026-07-07');
});

it('keeps what stands apart through the log, and says why there are no days between rounds of nothing', function (): void {
    $course = newcomers();
    lookedOver($course, '2026-06-01T09:00:00Z');
    $log = Intake::given('/api/log.json');
    Date::setTestNow('2026-06-02T09:00:00Z');
    expect(Notebook::post('/api/courses', ['submission' => Notebook::submission(), 'name' => 'Apart', 'recipes' => [], 'everyDays' => 7, 'plantIds' => onCourse($course)])->text('error.message'))
        ->toBe('Nothing is sprayed on them, so there are no days between rounds: leave them out.');
    $sprayed = Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => onCourse($course)]);
    expect($sprayed->text('tasks.0.kind'))->toBe('course-round');
    $apart = Notebook::change("/api/courses/{$course->id()}", ['name' => 'New orchids', 'recipes' => [], 'plantIds' => onCourse($course)]);
    expect($apart->list('methods'))->toBe([])->and(courseNext($course))->toBe('look 2026-06-08');
    expect(preg_replace('/\s+/', '', $log))->toContain('"methods":[]')
        ->and(Intake::of('/api/log.json', $log)->getStatusCode())->toBe(200);
});

it('has each look over what stands apart in the calendar once', function (): void {
    $feed = Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'station'])->text('garden.feed');
    newcomers();
    $calendar = (string) preg_replace('/\r\n /', '', Notebook::get($feed)->text);
    preg_match_all('/^DTSTART[^:]*:(\d{8})/m', $calendar, $days);
    sort($days[1]);
    expect($days[1])->toBe(['20260601', '20260608', '20260615', '20260622', '20260629'])
        ->and($calendar)->toContain('SUMMARY:Look over New orchids (3 plants)')
        ->and(str_contains($calendar, 'SUMMARY:Spray'))->toBeFalse();
});

// A week after something bought what comes next is decided on; where insects were set out, what wets leaves waits two weeks. Common practice,
// no source.
it('records what was bought on all of its plants once, draws it, and moves the next round by it', function (string $kind, string $next): void {
    $course = begunCourse();
    Date::setTestNow('2026-06-11T08:00:00Z');
    $body = ['submission' => Notebook::submission(), 'bought' => ['kind' => $kind, 'name' => 'From the shop'], 'notes' => 'As its label says'];
    $made = Notebook::post("/api/courses/{$course->id()}/rounds", $body);
    expect($made->status)->toBe(201)->and(Notebook::post("/api/courses/{$course->id()}/rounds", $body)->status)->toBe(200)
        ->and(DB::table('rounds')->where('bought_name', 'From the shop')->count())->toBe(20)
        ->and(courseNext($course))->toBe($next);
    $drawn = array_values(array_filter($made->list('ahead.entries'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'bought'));
    expect(array_map(static fn(array $one): array => [$one['on'], $one['spray'], $one['done']], $drawn))->toBe([['2026-06-11', 'From the shop', true]]);
})->with([['spray', 'round 2026-06-18'], ['dust', 'round 2026-06-18'], ['insects', 'round 2026-06-25']]);

it('refuses what was bought for plants that are on it no more, or without a name', function (): void {
    $course = begunCourse();
    expect(Notebook::sent("/api/courses/{$course->id()}/rounds", ['bought' => ['kind' => 'spray', 'name' => '']])->text('error.path'))->toBe('/bought/name')
        ->and(Notebook::sent("/api/courses/{$course->id()}/rounds", ['bought' => ['kind' => 'potion', 'name' => 'A']])->text('error.path'))->toBe('/bought/kind')
        ->and(Notebook::sent('/api/courses/999/rounds', ['bought' => ['kind' => 'spray', 'name' => 'A']])->status)->toBe(404);
    DB::table('cases')->where('course_id', $course->id())->update(['closed_at' => '2026-06-01 08:00:00']);
    expect(Notebook::sent("/api/courses/{$course->id()}/rounds", ['bought' => ['kind' => 'spray', 'name' => 'A']])->status)->toBe(409);
});

it('draws what was bought in the plan of a case', function (): void {
    $case = Notebook::case(Notebook::plant());
    $batch = DB::table('batches')->where('id', Notebook::mixed($case))->value('submission');
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => $batch, 'override' => 'It was urgent']);
    Date::setTestNow('2026-06-03T08:00:00Z');
    Notebook::sent("/api/cases/{$case}/rounds", ['bought' => ['kind' => 'dust', 'name' => 'Barn dust']]);
    $drawn = array_values(array_filter(Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'bought'));
    expect(array_map(static fn(array $one): array => [$one['on'], $one['spray'], $one['done']], $drawn))->toBe([['2026-06-03', 'Barn dust', true]]);
});

it('takes what was bought for all of them back with one tap, and puts it back', function (): void {
    $course = begunCourse();
    $other = begunCourse(['name' => 'The other rack']);
    foreach ([$course, $other] as $each) {
        Notebook::sent("/api/courses/{$each->id()}/rounds", ['bought' => ['kind' => 'spray', 'name' => 'From the shop']]);
    }
    $told = Notebook::get("/api/courses/{$course->id()}");
    expect($told->list('bought'))->toHaveCount(1)->and([$told->at('bought.0.name'), $told->at('bought.0.plants')])->toBe(['From the shop', 20]);
    $round = $told->id('bought.0.id');
    $there = static fn(): array => [DB::table('rounds')->whereNull('taken_back_at')->count(), count(Notebook::get("/api/courses/{$course->id()}")->list('bought'))];
    expect(Notebook::put("/api/rounds/{$round}/taken-back", ['basedOn' => 1, 'takenBack' => true])->status)->toBe(200)->and($there())->toBe([20, 0])
        ->and(Notebook::put("/api/rounds/{$round}/taken-back", ['basedOn' => 2, 'takenBack' => false])->status)->toBe(200)->and($there())->toBe([40, 1]);
});
