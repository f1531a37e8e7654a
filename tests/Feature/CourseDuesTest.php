<?php

declare(strict_types=1);

use App\Records\CourseDues;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * When a course asks next is kept, and told from what was kept: it is what would be reckoned anew, whatever was written in between. Held
 * against the same reckoned from nothing.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'station']);
});

/** @return array<int, string> when each course asks next, by its id */
function askedNext(): array
{
    return array_map(static fn(DateTimeInterface $due): string => gmdate('c', $due->getTimestamp()), app(CourseDues::class)->at(Date::now()->toDateTimeImmutable()));
}

/** What is kept is what comes out where nothing was kept. */
function keptAsReckoned(string $after): void
{
    $kept = askedNext();
    DB::table('course_dues')->delete();
    expect($kept)->toBe(askedNext(), $after);
}

/** @return array{Answer, int, int} a course of two plants that were sprayed, a third plant, and the batch */
function sprayedCourse(): array
{
    $course = Notebook::sent('/api/courses', ['name' => 'The rack', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [], 'newPlants' => ['count' => 2, 'name' => 'Orchid', 'tolerance' => 'tough-leaf', 'place' => 'The rack', 'indoors' => false]]);
    $batch = Notebook::mixed(null, ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $run = Notebook::sent('/api/runs', ['batchId' => $batch, 'caseIds' => [$course->id('plants.0.caseId'), $course->id('plants.1.caseId')], 'override' => 'Tested last year.'])->id();
    Notebook::put("/api/runs/{$run}/steps/plant-1", ['done' => true]);
    Notebook::put("/api/runs/{$run}/steps/plant-2", ['done' => true]);
    Notebook::put("/api/runs/{$run}/finished", ['leftMl' => 100, 'rest' => 'kept']);

    return [$course, Notebook::plant('Fern', 'tough-leaf'), $batch];
}

it('tells after each write what it would tell had nothing been kept', function (Closure $write, bool $isMoved): void {
    [$course, $other, $batch] = sprayedCourse();
    Date::setTestNow('2026-06-05T08:00:00Z');
    $before = askedNext();
    expect($before)->toHaveCount(1)->and(DB::table('course_dues')->count())->toBe(1);
    $said = $write($course, $other, $batch);
    $said = $said instanceof Answer ? $said : throw new LogicException('It answers.');
    expect($said->status)->toBeLessThan(300, $said->text);
    expect(askedNext() !== $before)->toBe($isMoved, json_encode([$before, askedNext()], \JSON_THROW_ON_ERROR));
    keptAsReckoned('the write');
})->with([
    'a look at clean plants' => [static fn(Answer $course): Answer => Notebook::sent("/api/courses/{$course->id()}/looks", ['found' => []]), true],
    'a look that finds something' => [static fn(Answer $course): Answer => Notebook::sent("/api/courses/{$course->id()}/looks", ['found' => [['plantId' => $course->id('plants.0.plant.id'), 'pest' => 'mealybugs', 'count' => 6]]]), true],
    'other days between rounds' => [static fn(Answer $course): Answer => Notebook::change("/api/courses/{$course->id()}", ['name' => 'The rack', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'everyDays' => 21, 'plantIds' => [$course->id('plants.0.plant.id'), $course->id('plants.1.plant.id')]]), true],
    'its end' => [static fn(Answer $course): Answer => Notebook::change("/api/courses/{$course->id()}", ['name' => 'The rack', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [$course->id('plants.0.plant.id')], 'ended' => true]), true],
    'something bought that went on it' => [static fn(Answer $course): Answer => Notebook::sent("/api/courses/{$course->id()}/rounds", ['bought' => ['kind' => 'insects', 'name' => 'Ladybirds']]), true],
    'flowers that open' => [static fn(Answer $course): Answer => bothSaid($course, ['bloomFrom' => '2026-06-01', 'bloomUntil' => '2026-06-28']), true],
    'days that one has' => [static fn(): Answer => Notebook::put('/api/free-days', ['basedOn' => (int) Notebook::get('/api/free-days')->number('version'), 'weekdays' => [3], 'away' => [['from' => '2026-06-05', 'until' => '2026-06-30']]]), true],
    'a leaf test that was begun' => [static fn(Answer $course, int $other, int $batch): Answer => Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $course->id('plants.0.plant.id'), 'leaves' => 2, 'controls' => false]), false],
    'another plant' => [static fn(Answer $course, int $other): Answer => Notebook::change("/api/plants/{$other}", ['name' => 'Big fern', 'tolerance' => 'tough-leaf']), false],
]);

it('reckons each course once an hour, and tells what is not kept where nothing may be written', function (): void {
    sprayedCourse();
    $dues = askedNext();
    DB::table('course_dues')->update(['due_at' => '2026-07-01 00:00:00']);
    expect(array_values(askedNext()))->toBe(['2026-07-01T00:00:00+00:00']);
    Date::setTestNow('2026-06-01T09:00:00Z');
    expect(askedNext())->toBe($dues);
    DB::table('course_dues')->delete();
    DB::statement('pragma query_only = on');
    expect(askedNext())->toBe($dues);
    DB::statement('pragma query_only = off');
    expect(DB::table('course_dues')->count())->toBe(0);
});

it('asks the notebook no more with many courses than with some', function (): void {
    $asked = static function (int $courses): int {
        for ($i = 0; $i < $courses; ++$i) {
            Notebook::sent('/api/courses', ['name' => "Rack {$i}", 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [], 'newPlants' => ['count' => 2, 'name' => "Orchid {$i}", 'tolerance' => 'tough-leaf', 'place' => "Rack {$i}", 'indoors' => true]]);
        }
        Notebook::get('/api/today');
        Notebook::plant("A plant beside {$courses} courses");
        DB::enableQueryLog();
        expect(Notebook::get('/api/today')->status)->toBe(200);
        $many = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $many;
    };
    $some = $asked(30);
    expect($asked(30))->toBeLessThanOrEqual($some);
});

/** @param array<string, mixed> $said */
function bothSaid(Answer $course, array $said): Answer
{
    $answer = $course;
    foreach ([0, 1] as $i) {
        $answer = Notebook::change('/api/plants/' . $course->id("plants.{$i}.plant.id"), ['name' => "Orchid {$i}", 'tolerance' => 'tough-leaf', ...$said]);
    }

    return $answer;
}
