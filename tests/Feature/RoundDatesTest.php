<?php

declare(strict_types=1);

use App\Models\PestCase;
use App\Records\CasePlans;
use IdleMixer\Core\Course\ActKind;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** Whitefly, counted for four weeks, sprayed with soap today. */
function sprayedWhitefly(): int
{
    $case = Notebook::case(Notebook::plant('Bean'), 'whitefly');
    foreach ([21 => 10, 14 => 30, 7 => 60, 0 => 90] as $ago => $count) {
        Notebook::sent("/api/cases/{$case}/counts", ['value' => $count, 'countedAt' => (new DateTimeImmutable('2026-06-01T17:00:00Z'))->modify("-{$ago} days")->format('Y-m-d\TH:i:s\Z')]);
    }
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);

    return $case;
}

/** @param list<string> $on */
function chosen(int $case, array $on): Answer
{
    return Notebook::put("/api/cases/{$case}/round-dates", ['basedOn' => (int) Notebook::get("/api/cases/{$case}")->number('version'), 'on' => $on]);
}

/** @return list<string> days of the rounds to come, as every door names them: the case, Today, the plan and what is seen ahead */
function namedAtEveryDoor(int $case): array
{
    $next = static function (Answer $answer, string $list): array {
        $due = [];
        foreach ($answer->list($list) as $one) {
            if (is_array($one) && $one['kind'] === 'next-round' && is_string($one['dueAt'])) {
                $due[] = substr($one['dueAt'], 0, 10);
            }
        }

        return $due;
    };
    $seen = Notebook::get("/api/cases/{$case}/seen-ahead");
    $planned = array_search('planned', array_column($seen->list('outlooks'), 'kind'), true);
    $rounds = array_map(static fn(mixed $on): string => is_string($on) ? $on : '', $planned === false ? [] : $seen->list("outlooks.{$planned}.rounds"));
    $plan = app(CasePlans::class)->of(PestCase::query()->findOrFail($case), new DateTimeImmutable('2026-06-01T18:00:00Z'));
    assert($plan !== null);
    $laid = [];
    foreach ($plan->course->entries as $entry) {
        if ($entry->kind === ActKind::Round && ! $entry->done) {
            $laid[] = $plan->on($entry->day)->format('Y-m-d');
        }
    }
    expect($laid)->toBe($rounds)
        ->and($next(Notebook::get("/api/cases/{$case}"), 'next'))->toBe(array_slice($rounds, 0, 1))
        ->and($next(Notebook::get('/api/today'), 'tasks'))->toBe(array_slice($rounds, 0, 1));

    return $rounds;
}

it('has rounds on the days that the gardener chose, at every door, and as the school has it again', function (): void {
    $case = sprayedWhitefly();
    $school = namedAtEveryDoor($case);
    $kept = chosen($case, ['2026-06-05', '2026-06-11', '2026-06-16']);
    expect($kept->status)->toBe(200)->and(namedAtEveryDoor($case))->toBe(['2026-06-05', '2026-06-11', '2026-06-16'])
        ->and(Notebook::get("/api/cases/{$case}/seen-ahead")->at('chosen'))->toBeTrue();
    chosen($case, []);
    expect(namedAtEveryDoor($case))->toBe($school)->and(Notebook::get("/api/cases/{$case}/seen-ahead")->at('chosen'))->toBeFalse();
    // Other days between rounds take the place of days that were chosen.
    chosen($case, ['2026-06-05']);
    Notebook::put("/api/cases/{$case}/course", ['basedOn' => (int) Notebook::get("/api/cases/{$case}")->number('version'), 'everyDays' => 6]);
    expect(namedAtEveryDoor($case)[0])->toBe('2026-06-07');
});

it('makes the best the course', function (): void {
    $case = sprayedWhitefly();
    $best = Notebook::get("/api/cases/{$case}/seen-ahead")->list('outlooks.2.rounds');
    expect($best)->not->toBe([]);
    chosen($case, array_values(array_filter($best, is_string(...))));
    expect(namedAtEveryDoor($case))->toBe($best)
        // What was best stays so once it is the course.
        ->and(Notebook::get("/api/cases/{$case}/seen-ahead")->list('outlooks.2.rounds'))->toBe($best)
        ->and(Notebook::get("/api/cases/{$case}/seen-ahead")->list('outlooks.1.days'))->toEqual(Notebook::get("/api/cases/{$case}/seen-ahead")->list('outlooks.2.days'));
});

it('says what would come of each day that a round may be moved to, of one less and of one more, and keeps nothing', function (): void {
    $case = sprayedWhitefly();
    $before = Notebook::get("/api/cases/{$case}/seen-ahead");
    $asked = Notebook::post("/api/cases/{$case}/rounds-ahead", ['on' => ['2026-06-05', '2026-06-11', '2026-06-16'], 'which' => 1]);
    expect($asked->status)->toBe(200);
    $rounds = array_map(static fn(mixed $one): mixed => is_array($one) ? $one['rounds'] : null, $asked->list('moved'));
    // Soap may follow soap the day after, as far as a leaf is concerned.
    expect($rounds)->toBe(array_map(static fn(int $day): array => ['2026-06-05', sprintf('2026-06-%02d', $day), '2026-06-16'], range(6, 15)))
        ->and($asked->list('moved.5.days'))->toEqual($asked->list('asAsked.days'))
        ->and($asked->list('without.rounds'))->toBe(['2026-06-05', '2026-06-16'])
        ->and($asked->list('more.rounds'))->toBe(['2026-06-05', '2026-06-11', '2026-06-16', '2026-06-17'])
        ->and($asked->number('without.days.42.middle'))->toBeGreaterThan($asked->number('asAsked.days.42.middle'))
        ->and($asked->number('more.days.42.middle'))->toBeLessThan($asked->number('asAsked.days.42.middle'))
        ->and(Notebook::get("/api/cases/{$case}/seen-ahead")->text)->toBe($before->text);
    // Kept, it is what was said to come of it.
    chosen($case, ['2026-06-05', '2026-06-11', '2026-06-16']);
    expect(Notebook::get("/api/cases/{$case}/seen-ahead")->list('outlooks.1.days'))->toEqual($asked->list('asAsked.days'));
});

it('says what is wrong with days that may not be, and what would be right', function (array $on, string $says): void {
    $case = sprayedWhitefly();
    /** @var list<string> $on */
    $refused = chosen($case, $on);
    expect($refused->status)->toBe(422)->and($refused->text)->toContain($says)->and(Notebook::get("/api/cases/{$case}/seen-ahead")->at('chosen'))->toBeFalse();
})->with([
    'gone by' => [['2026-05-20'], 'The first may be on Tue 2 Jun'],
    'the day of the last round' => [['2026-06-01'], 'The first may be on Tue 2 Jun'],
    'next year' => [['2027-06-05'], 'nobody sees further than Mon 13 Jul'],
    'no day' => [['soon'], 'a day like 2026-05-03'],
    'no such day' => [['2026-02-30'], 'a day like 2026-05-03'],
    'too many' => [array_fill(0, 61, '2026-06-05'), '/on'],
]);

it('keeps a leaf from oil that it does not bear yet', function (): void {
    $case = Notebook::case(Notebook::plant('Bean'), 'spider-mites');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    $batch = Notebook::mixed($case, ['recipe' => 'fine-paraffin-mist', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
    expect(chosen($case, ['2026-06-04'])->text)->toContain('The first may be on Mon 8 Jun');
    $refused = chosen($case, ['2026-06-09', '2026-06-11']);
    expect($refused->status)->toBe(422)->and($refused->text)->toContain('a leaf bears it 7 days after');
});

it('asks nothing of what nobody can see ahead, and goes on without', function (): void {
    $case = Notebook::case(Notebook::plant('Bean'), 'powdery-mildew');
    $refused = Notebook::post("/api/cases/{$case}/rounds-ahead", ['on' => ['2026-06-05']]);
    expect($refused->status)->toBe(422)->and($refused->text)->toContain('days you want between its rounds')
        ->and(Notebook::post('/api/cases/999/rounds-ahead', ['on' => []])->status)->toBe(404)
        ->and(Notebook::put('/api/cases/999/round-dates', ['basedOn' => 1, 'on' => []])->status)->toBe(404);
});
