<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * The row of a plant is what every list has of it: its counts, rounds, tests and burns at their times, what comes next as Today and the
 * case have it, hours as spray day has them.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T08:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'station']);
});

/** @return list<string> every act of a list, by kind, thing and time */
function actsIn(Answer $answer, string $list, string $at): array
{
    $told = [];
    foreach ($answer->list($list) as $one) {
        if (is_array($one) && is_string($one['kind']) && is_int($one['ref']) && is_string($one[$at])) {
            $told[] = "{$one['kind']} {$one['ref']} {$one[$at]}";
        }
    }
    sort($told);

    return $told;
}

function soapedRose(): int
{
    $case = Notebook::case(Notebook::plant('Rose', 'ordinary-leaf', 'Rose'));
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);

    return $case;
}

it('names the same acts, at the same times, as the case, the plant and Today', function (): void {
    $case = soapedRose();
    Date::setTestNow('2026-06-05T08:00:00Z');
    $whole = Notebook::get("/api/cases/{$case}");
    $acts = actsIn($whole, 'row.acts', 'at');
    $plant = Notebook::get("/api/plants/{$whole->id('plant.id')}");
    $today = Notebook::get('/api/today');
    expect($acts)->not->toBe([])->toBe(actsIn($whole, 'next', 'dueAt'))
        ->and(actsIn($plant, 'row.acts', 'at'))->toBe(actsIn($plant, 'next', 'dueAt'))->toBe($acts)
        ->and(actsIn($today, 'rows.0.acts', 'at'))->toBe(actsIn($today, 'tasks', 'dueAt'))
        ->and(actsIn(Notebook::get('/api/rows'), 'rows.0.acts', 'at'))->toBe($acts)
        ->and($today->text('rows.0.acts.0.words'))->toBe('Count aphids')
        ->and($today->id('tasks.0.plantId'))->toBe($whole->id('plant.id'));
});

it('has the hours that spray day has, and the day in one sentence', function (): void {
    $case = soapedRose();
    Date::setTestNow('2026-06-08T05:00:00Z');
    $today = Notebook::get('/api/today?zone=UTC');
    $hours = [];
    foreach (Notebook::get("/api/day?spray=own&plant={$today->id('rows.0.plantId')}")->list('grid.hours') as $hour) {
        if (is_array($hour) && is_string($hour['at']) && is_string($hour['verdict'])) {
            $hours[$hour['at']] = $hour['verdict'];
        }
    }
    expect($today->list('rows.0.hours'))->not->toBe([]);
    foreach ($today->list('rows.0.hours') as $window) {
        assert(is_array($window) && is_string($window['from']) && is_string($window['to']));
        foreach ($hours as $at => $verdict) {
            if ($at >= $window['from'] && $at < $window['to']) {
                expect($verdict)->toBe($window['verdict'], $at);
            }
        }
    }
    // It is due today, and the sentence names the hours of the next round.
    $task = array_merge(...array_values(array_filter($today->list('tasks'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round')));
    expect($today->text('day.said'))->toStartWith('Spray')->and($today->text('day.spray'))->toBe('Plain soap spray')
        ->and(is_string($task['bestTo']) && str_contains($today->text('day.said'), substr($task['bestTo'], 11, 5)))->toBeTrue()
        ->and($today->list('day.hours'))->toHaveCount(24)->and($today->number('day.hot'))->toBeGreaterThan($today->number('day.cold'))
        ->and($case)->toBeGreaterThan(0);
});

it('draws what was done and seen, and says it', function (): void {
    $case = soapedRose();
    $plant = Notebook::get("/api/cases/{$case}")->id('plant.id');
    Date::setTestNow('2026-06-04T08:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 12]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 44, 'untreated' => true]);
    Notebook::sent('/api/rounds/' . Notebook::get("/api/cases/{$case}")->id('rounds.0.id') . '/burns', ['share' => 30, 'kinds' => ['edge-burn'], 'special' => [], 'notes' => '']);
    $row = Notebook::get("/api/plants/{$plant}");
    expect($row->text('row.brief'))->toBe('Aphids, falling')
        ->and(array_column($row->list('row.curves.0.counts'), 'value'))->toEqual([40, 12])->and(array_column($row->list('row.curves.0.compared'), 'value'))->toEqual([44])
        ->and($row->text('row.rounds.0.at'))->toBe('2026-06-01T08:00:00Z')->and($row->text('row.rounds.0.spray'))->toBe('Plain soap spray')
        ->and($row->number('row.burns.0.value'))->toBe(30.0)->and($row->text('row.burns.0.at'))->toBe('2026-06-04T08:00:00Z')
        // Two weeks from the day on which it was seen, as the case has it.
        ->and(array_column($row->list('row.ends'), 'kind'))->toBe([])
        ->and($row->text('row.said'))->toContain('Aphids: 40, 12.')->toContain('One round, Mon 1 Jun.')->toContain('Leaves burnt, seen on Thu 4 Jun: 30 %.');
    Date::setTestNow('2026-06-12T08:00:00Z');
    expect(Notebook::get("/api/plants/{$plant}")->text('row.ends.0.words'))->toBe('Rests until Thu 18 Jun, its leaves were burnt.')->and(Notebook::get("/api/plants/{$plant}")->text('row.leaf'))->toBe('burnt')
        ->and(substr(Notebook::get("/api/cases/{$case}")->text('next.0.dueAt'), 0, 10))->toBe('2026-06-18');
    Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'Gone']);
    Date::setTestNow('2026-06-19T08:00:00Z');
    expect(Notebook::get("/api/plants/{$plant}")->text('row.leaf'))->toBe('clean');
    expect(Notebook::get("/api/plants/{$plant}")->text('row.brief'))->toBe('closed on 12 Jun')->and(Notebook::get("/api/plants/{$plant}")->list('row.curves'))->toBe([])
        // Its own page still shows its counts.
        ->and(Notebook::get("/api/cases/{$case}")->list('row.curves.0.counts'))->toHaveCount(2);
});

// The sentence on top and the lines below it are one answer.
it('says of the day what its lines say: what is not chosen yet, and the hours of many plants together', function (): void {
    Notebook::case(Notebook::plant('Rose', 'ordinary-leaf', 'Rose'));
    $first = Notebook::get('/api/today?zone=UTC');
    expect($first->text('day.said'))->toBe('Choose a spray: its hours follow.')->and($first->at('tasks.0.bestFrom'))->toBeNull();
    Notebook::post('/api/courses', ['submission' => Notebook::submission(), 'name' => 'The bed', 'pest' => 'spider-mites', 'recipes' => ['neem-by-the-gallon'], 'plantIds' => [], 'newPlants' => ['count' => 3, 'name' => 'Bean', 'tolerance' => 'tough-leaf', 'place' => 'The bed']]);
    $both = Notebook::get('/api/today?zone=UTC');
    $round = array_merge(...array_values(array_filter($both->list('tasks'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'course-round')));
    [$from, $to] = [$round['bestFrom'] ?? '', $round['bestTo'] ?? ''];
    expect(is_string($from) && str_starts_with($from, '2026-06-01'))->toBeTrue()
        ->and($both->text('day.said'))->toBe($from > '2026-06-01T08:00:00Z' ? 'Spray between ' . substr(is_string($from) ? $from : '', 11, 5) . ' and ' . substr(is_string($to) ? $to : '', 11, 5) . '.' : 'Spray until ' . substr(is_string($to) ? $to : '', 11, 5) . '.')
        ->and($both->list('day.windows'))->not->toBe([]);
});

it('calls a plant clean only where it was counted so', function (): void {
    $case = soapedRose();
    $plant = Notebook::get("/api/cases/{$case}")->id('plant.id');
    Date::setTestNow('2026-06-08T08:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 0]);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 30, 'untreated' => true]);
    expect(Notebook::get("/api/plants/{$plant}")->text('row.brief'))->toBe('Aphids, none left');
    Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'Gone']);
    expect(Notebook::get("/api/plants/{$plant}")->text('row.brief'))->toBe('clean since 8 Jun');
});

it('pages plants, those with something on them first', function (): void {
    foreach (range(1, 30) as $i) {
        Notebook::plant(sprintf('Pot %02d', $i));
    }
    Notebook::case(Notebook::plant('Zinnia'));
    $first = Notebook::get('/api/rows');
    $second = Notebook::get("/api/rows?from={$first->number('next')}");
    expect($first->text('rows.0.name'))->toBe('Zinnia')->and($first->list('rows'))->toHaveCount(24)->and($second->list('rows'))->toHaveCount(7)->and($second->at('next'))->toBeNull()
        ->and($first->text('rows.1.brief'))->toBe('nothing on it')
        ->and(Notebook::get('/api/rows?from=x')->status)->toBe(422);
});

it('asks as little of the notebook for twenty-four plants as for two', function (): void {
    $asked = static function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        Notebook::get('/api/rows');

        return count(DB::getQueryLog());
    };
    Notebook::plant('Pot a');
    Notebook::plant('Pot b');
    $few = $asked();
    foreach (range(1, 22) as $i) {
        Notebook::plant("Pot {$i}");
    }
    expect($asked())->toBe($few);
});
