<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * What the gardener wants of the course of a case. Common practice, no source: the interval is the gardener's to change, as far as a leaf
 * bears it; after winter oil nothing is looked at before bud break, and then the season after.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @return list<string> kind and day of what a case asks for */
function asksFor(int $case): array
{
    $told = [];
    foreach (Notebook::get("/api/cases/{$case}")->list('next') as $task) {
        $told[] = is_array($task) && is_string($task['kind']) && is_string($task['plannedAt']) ? "{$task['kind']} " . substr($task['plannedAt'], 0, 10) : '';
    }

    return $told;
}

/** @param array<string, mixed> $said */
function wanted(int $case, array $said): Answer
{
    return Notebook::change("/api/cases/{$case}/course", $said);
}

function caseRoundWith(int $case, string $recipe): void
{
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'Tested last year.']);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
}

it('comes on the days that the gardener wants, and again as its school has it', function (): void {
    $case = Notebook::case(Notebook::plant('Dahlia'));
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 120]);
    caseRoundWith($case, 'plain-soap');
    expect(asksFor($case))->toContain('next-round 2026-06-05');
    expect(wanted($case, ['everyDays' => 9])->number('everyDays'))->toBe(9.0)->and(asksFor($case))->toContain('next-round 2026-06-10');
    // A worse count does not move what was chosen.
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 3]);
    expect(asksFor($case))->toContain('next-round 2026-06-10');
    expect(wanted($case, ['everyDays' => null])->at('everyDays'))->toBeNull()->and(asksFor($case))->toContain('next-round 2026-06-08');
});

it('refuses days that a leaf does not bear, and names the nearest that may be', function (): void {
    $case = Notebook::case(Notebook::plant('Dahlia'));
    caseRoundWith($case, 'castile-and-kitchen-oil');
    $refused = wanted($case, ['everyDays' => 1]);
    expect($refused->status)->toBe(422)->and($refused->text('error.path'))->toBe('/everyDays')
        ->and($refused->text('error.message'))->toContain('more than a leaf bears')->toContain('days')
        ->and(Notebook::get("/api/cases/{$case}")->at('everyDays'))->toBeNull();
});

it('says of what cannot be what would be right', function (mixed $days, mixed $buds, string $path): void {
    $case = Notebook::case(Notebook::plant('Dahlia'));
    $answer = wanted($case, ['everyDays' => $days, 'budBreakOn' => $buds]);
    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path);
})->with([[0, null, '/everyDays'], [-3, null, '/everyDays'], [1e300, null, '/everyDays'], ['soon', null, '/everyDays'], [null, 'in spring', '/budBreakOn'], [null, '2026-02-31', '/budBreakOn']]);

it('asks after winter oil when the buds break, looks then, and moves with what was said', function (): void {
    Date::setTestNow('2026-12-10T10:00:00Z');
    $vine = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Vine', 'kind' => 'vine', 'tolerance' => 'dormant-wood', 'stage' => 'bare', 'stageOn' => '2026-12-01'])->id();
    $case = Notebook::case($vine, 'scale');
    caseRoundWith($case, 'winter-wood-oil');
    expect(Notebook::get("/api/cases/{$case}")->at('asksBudBreak'))->toBeTrue();
    expect(wanted($case, ['budBreakOn' => '2027-04-02'])->at('asksBudBreak'))->toBeFalse()
        // Nothing else is due in between: the case says that look, and Today nothing yet.
        ->and(asksFor($case))->toBe(['count-after 2027-04-02'])->and(Notebook::get('/api/today')->list('tasks'))->toBe([]);
    Date::setTestNow('2027-03-25T10:00:00Z');
    expect(asksFor($case))->toBe(['count-after 2027-04-02']);
    wanted($case, ['budBreakOn' => '2027-04-09']);
    expect(asksFor($case))->toBe(['count-after 2027-04-09'])->and(Notebook::get('/api/today')->list('tasks'))->toBe([]);
    Date::setTestNow('2027-04-09T10:00:00Z');
    expect(asksFor($case))->toBe(['count-after 2027-04-09']);
    // Looked at: then the season after.
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 2]);
    expect(asksFor($case))->toBe(['count-after 2027-08-07']);
    Date::setTestNow('2027-08-05T10:00:00Z');
    expect(asksFor($case))->toBe(['count-after 2027-08-07']);
});

// A date that somebody said is that date, whichever side of Greenwich the garden lies on.
it('looks on the day that was said, in any zone', function (string $zone): void {
    Date::setTestNow('2026-12-10T20:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 20.0, 'longitude' => -156.0, 'zone' => $zone], 'roomCelsius' => 20, 'source' => 'station']);
    $vine = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Vine', 'tolerance' => 'dormant-wood', 'stage' => 'bare', 'stageOn' => '2026-12-01'])->id();
    $case = Notebook::case($vine, 'scale');
    caseRoundWith($case, 'winter-wood-oil');
    wanted($case, ['budBreakOn' => '2027-04-02']);
    $looks = array_filter(Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'look' && $one['done'] === false);
    Date::setTestNow('2027-03-28T20:00:00Z');
    $due = Notebook::get("/api/cases/{$case}")->text('next.0.dueAt');
    expect(array_column($looks, 'on')[0] ?? null)->toBe('2027-04-02')->and((new DateTimeImmutable($due))->setTimezone(new DateTimeZone($zone))->format('Y-m-d H:i'))->toBe('2027-04-02 08:00');
})->with(['Pacific/Honolulu', 'UTC', 'Pacific/Kiritimati']);
