<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/*
 * Where the spray that comes next does not end it, what would is taken as it is named; from then on every door says so. Common practice, no
 * source.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** Far too many aphids, sprayed with soap today. */
function tooManyAphids(): int
{
    $case = Notebook::case(Notebook::plant('Bean'));
    foreach ([21 => 100, 14 => 300, 7 => 450, 0 => 900] as $ago => $count) {
        Notebook::sent("/api/cases/{$case}/counts", ['value' => $count, 'countedAt' => (new DateTimeImmutable('2026-06-01T17:00:00Z'))->modify("-{$ago} days")->format('Y-m-d\TH:i:s\Z')]);
    }
    soaked($case, 'plain-soap');

    return $case;
}

function soaked(int $case, string $recipe): void
{
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
}

/** @param list<string> $turns */
function inTurnFromNow(int $case, array $turns): Answer
{
    return Notebook::put("/api/cases/{$case}/turns", ['basedOn' => (int) Notebook::get("/api/cases/{$case}")->number('version'), 'turns' => $turns]);
}

/** @return list<array{string, string}> day and spray of the rounds to come, as the plan has them; the first as case and bench have it, too */
function roundsToCome(int $case): array
{
    $rounds = [];
    foreach (Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries') as $entry) {
        if (is_array($entry) && $entry['kind'] === 'round' && $entry['done'] === false && is_string($entry['on']) && is_string($entry['spray'])) {
            $rounds[] = [$entry['on'], $entry['spray']];
        }
    }
    $due = '';
    foreach (Notebook::get("/api/cases/{$case}")->list('next') as $task) {
        $due = is_array($task) && $task['kind'] === 'next-round' && is_string($task['dueAt']) ? substr($task['dueAt'], 0, 10) : $due;
    }
    expect($due)->toBe($rounds[0][0] ?? '');

    return $rounds;
}

it('takes what would end it, with one call, at every door', function (): void {
    $case = tooManyAphids();
    $seen = Notebook::get("/api/cases/{$case}/seen-ahead");
    $turns = array_values(array_filter($seen->list('instead.turns'), is_string(...)));
    expect($turns)->toBe(['castile-and-kitchen-oil', 'plain-soap'])
        ->and($seen->text('instead.words'))->toBe('Take Castile and kitchen oil in turn')
        ->and($seen->at('turned'))->toBeFalse()
        ->and(array_unique(array_column(roundsToCome($case), 1)))->toBe(['Plain soap spray']);
    expect(inTurnFromNow($case, $turns)->status)->toBe(200);
    $sprays = array_column(roundsToCome($case), 1);
    expect(array_slice($sprays, 0, 2))->toBe(['Castile and kitchen oil', 'Plain soap spray'])
        ->and(Notebook::get("/api/opening?case={$case}")->text('recipe'))->toBe('castile-and-kitchen-oil');
    // What was said to end it does, and is the best now.
    $after = Notebook::get("/api/cases/{$case}/seen-ahead");
    $best = (int) array_search('fewest', array_column($after->list('outlooks'), 'kind'), true);
    expect($after->at('turned'))->toBeTrue()->and($after->at('instead'))->toBeNull()
        ->and($after->text("outlooks.{$best}.name"))->toContain('in turn')
        ->and(count($after->list("outlooks.{$best}.rounds")))->toBeLessThanOrEqual(6);
});

it('goes on in those turns, until something else is sprayed or it is taken back', function (): void {
    $case = tooManyAphids();
    inTurnFromNow($case, ['castile-and-kitchen-oil', 'plain-soap']);
    Date::setTestNow('2026-06-06T18:00:00Z');
    soaked($case, 'castile-and-kitchen-oil');
    expect(roundsToCome($case)[0][1])->toBe('Plain soap spray')->and(Notebook::get("/api/cases/{$case}/seen-ahead")->at('turned'))->toBeTrue();
    Date::setTestNow('2026-06-12T18:00:00Z');
    soaked($case, 'neem-leaf-quart');
    expect(Notebook::get("/api/cases/{$case}/seen-ahead")->at('turned'))->toBeFalse();
    $other = tooManyAphids();
    inTurnFromNow($other, ['castile-and-kitchen-oil']);
    expect(roundsToCome($other)[0][1])->toBe('Castile and kitchen oil');
    inTurnFromNow($other, []);
    expect(roundsToCome($other)[0][1])->toBe('Plain soap spray');
});

it('refuses what it does not know, and another tab’s older version', function (): void {
    $case = tooManyAphids();
    $unknown = inTurnFromNow($case, ['moonshine']);
    expect($unknown->status)->toBe(422)->and($unknown->text)->toContain('moonshine')
        ->and(inTurnFromNow($case, array_fill(0, 99, 'plain-soap'))->status)->toBe(422)
        ->and(Notebook::put('/api/cases/999/turns', ['basedOn' => 1, 'turns' => []])->status)->toBe(404)
        ->and(Notebook::put("/api/cases/{$case}/turns", ['basedOn' => 77, 'turns' => ['plain-soap']])->status)->toBe(409)
        ->and(Notebook::put("/api/cases/{$case}/turns", ['basedOn' => 1, 'turns' => 'plain-soap'])->status)->toBe(422);
});
