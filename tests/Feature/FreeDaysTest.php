<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * Days on which somebody has time: what is planned for another comes on the nearest of them, at every door. Common practice, no source.
 */

beforeEach(function (): void {
    // A Monday.
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/**
 * @param list<int>                             $weekdays
 * @param list<array{from: string, until: string}> $away
 */
function freeDays(array $weekdays, array $away = []): Answer
{
    return Notebook::put('/api/free-days', ['basedOn' => (int) Notebook::get('/api/free-days')->number('version'), 'weekdays' => $weekdays, 'away' => $away]);
}

/** Aphids, sprayed with soap today: in five days again. */
function sprayedAphids(): int
{
    $case = Notebook::case(Notebook::plant('Bean'));
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 60]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);

    return $case;
}

/** @return array{string, list<mixed>} day of the next round and what moved it, as the case has it */
function nextRoundOf(int $case): array
{
    foreach (Notebook::get("/api/cases/{$case}")->list('next') as $task) {
        if (is_array($task) && $task['kind'] === 'next-round' && is_string($task['dueAt']) && is_array($task['moves'])) {
            return [substr($task['dueAt'], 0, 10), array_values($task['moves'])];
        }
    }

    return ['', []];
}

it('keeps the days, tells them again, and tells two versions apart', function (): void {
    expect(Notebook::get('/api/free-days')->at('weekdays'))->toBe([1, 2, 3, 4, 5, 6, 7])->and(Notebook::get('/api/free-days')->at('away'))->toBe([]);
    $kept = freeDays([6, 7, 6], [['from' => '2026-07-10', 'until' => '2026-07-12'], ['from' => '2026-06-20', 'until' => '2026-07-01']]);
    expect($kept->at('weekdays'))->toBe([6, 7])
        ->and($kept->at('away'))->toBe([['from' => '2026-06-20', 'until' => '2026-07-01'], ['from' => '2026-07-10', 'until' => '2026-07-12']])
        ->and($kept->number('version'))->toBe(1.0);
    // Another tab that still shows what was before changes nothing.
    expect(Notebook::put('/api/free-days', ['basedOn' => 0, 'weekdays' => [1]])->status)->toBe(409)
        ->and(Notebook::get('/api/free-days')->at('weekdays'))->toBe([6, 7]);
    // Spoons of the same household are of the same version, and nothing of it is lost.
    expect(Notebook::put('/api/household', ['basedOn' => 1, 'kitchen' => 'metric', 'byEye' => new stdClass()])->status)->toBe(200)
        ->and(Notebook::get('/api/free-days')->at('weekdays'))->toBe([6, 7]);
    freeDays([]);
    expect(Notebook::get('/api/free-days')->at('weekdays'))->toBe([1, 2, 3, 4, 5, 6, 7]);
});

it('puts the next round on the nearest day that is had, and says so', function (): void {
    $case = sprayedAphids();
    expect(nextRoundOf($case))->toBe(['2026-06-06', []]);
    freeDays([3, 1]);
    // Saturday the 6th: Monday the 8th is two days off, Wednesday the 3rd three.
    expect(nextRoundOf($case))->toBe(['2026-06-08', ['Another day: the nearest on which you have time.']]);
    freeDays([1, 2, 3, 4, 5, 6, 7], [['from' => '2026-06-05', 'until' => '2026-06-20']]);
    expect(nextRoundOf($case)[0])->toBe('2026-06-04');
    // The plan of the same case, and every round of it.
    freeDays([7]);
    $ahead = Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries');
    $days = [];
    foreach ($ahead as $entry) {
        if (is_array($entry) && $entry['kind'] === 'round' && $entry['done'] === false && is_string($entry['on'])) {
            $days[] = (int) (new DateTimeImmutable($entry['on']))->format('N');
        }
    }
    expect(count($days))->toBeGreaterThan(1)->and(array_unique($days))->toBe([7]);
});

it('seeks the fewest rounds on days that are had alone', function (): void {
    $case = sprayedAphids();
    $rounds = static function () use ($case): array {
        $seen = Notebook::get("/api/cases/{$case}/seen-ahead");
        $best = array_search('fewest', array_column($seen->list('outlooks'), 'kind'), true);

        return array_filter($best === false ? [] : $seen->list("outlooks.{$best}.rounds"), is_string(...));
    };
    expect($rounds())->not->toBe([]);
    freeDays([2, 5]);
    $days = array_map(static fn(string $on): int => (int) (new DateTimeImmutable($on))->format('N'), $rounds());
    expect($days)->not->toBe([])->and(array_diff($days, [2, 5]))->toBe([]);
});

it('takes a day of one’s own on any weekday, and none on which nobody is there', function (): void {
    $case = sprayedAphids();
    freeDays([2], [['from' => '2026-06-09', 'until' => '2026-06-10']]);
    $choose = static fn(string $on): Answer => Notebook::put("/api/cases/{$case}/round-dates", ['basedOn' => (int) Notebook::get("/api/cases/{$case}")->number('version'), 'on' => [$on]]);
    expect($choose('2026-06-09')->status)->toBe(422)->and($choose('2026-06-09')->text)->toContain('nobody is there')
        ->and($choose('2026-06-11')->status)->toBe(200)
        ->and(nextRoundOf($case)[0])->toBe('2026-06-11');
});

it('goes for many plants on one course, too', function (): void {
    $course = Notebook::sent('/api/courses', ['name' => 'The rack', 'pest' => 'mealybugs', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [Notebook::plant('One'), Notebook::plant('Two')]])->id();
    freeDays([4]);
    $rounds = [];
    foreach (Notebook::get("/api/courses/{$course}")->list('ahead.entries') as $entry) {
        if (is_array($entry) && $entry['kind'] === 'round' && is_string($entry['on'])) {
            $rounds[] = (int) (new DateTimeImmutable($entry['on']))->format('N');
        }
    }
    expect($rounds)->not->toBe([])->and(array_unique($rounds))->toBe([4]);
});

it('refuses what is no day, and keeps what was', function (array $sent, string $said): void {
    /** @var array<string, mixed> $sent */
    freeDays([6]);
    $answer = Notebook::put('/api/free-days', ['basedOn' => 1, ...$sent]);
    expect($answer->status)->toBe(422)->and($answer->text)->toContain($said)->and(Notebook::get('/api/free-days')->at('weekdays'))->toBe([6]);
})->with([
    'day 8' => [['weekdays' => [8]], '\/weekdays\/0'],
    'a word' => [['weekdays' => ['Monday']], '\/weekdays\/0'],
    'eight of them' => [['weekdays' => [1, 2, 3, 4, 5, 6, 7, 1]], '\/weekdays'],
    'no day' => [['away' => [['from' => '2026-02-30', 'until' => '2026-03-01']]], '\/away\/0\/from'],
    'back before going' => [['away' => [['from' => '2026-06-07', 'until' => '2026-06-06']]], 'cannot be back before'],
    'too often' => [['away' => array_fill(0, 51, ['from' => '2026-06-07', 'until' => '2026-06-08'])], '\/away'],
    'another key' => [['holidays' => []], 'holidays'],
]);
