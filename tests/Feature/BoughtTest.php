<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * A bought spray, a dust, insects that were set out: rounds by name and date. Common practice, no source: nothing here says how much of them.
 */

beforeEach(function (): void {
    Date::setTestNow('2026-06-30T18:00:00Z');
});

/** @param array<string, mixed> $bought */
function boughtRound(int $case, array $bought, string $at): Answer
{
    return Notebook::sent("/api/cases/{$case}/rounds", ['bought' => $bought, 'sprayedAt' => $at]);
}

/** A case counted before and after a bought spray. */
function boughtCase(string $name, float $before, float $after): int
{
    $case = Notebook::case(Notebook::plant('Plant ' . bin2hex(random_bytes(3))));
    Notebook::sent("/api/cases/{$case}/counts", ['value' => $before, 'countedAt' => '2026-06-10T17:00:00Z']);
    expect(boughtRound($case, ['kind' => 'spray', 'name' => $name], '2026-06-10T18:00:00Z')->status)->toBe(201);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => $after, 'countedAt' => '2026-06-14T18:00:00Z']);

    return $case;
}

/** @return list<string> codes of what speaks against oil or soap on a plant today */
function saidAgainst(int $case, string $recipe): array
{
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    $sprayable = array_values(array_filter(Notebook::get("/api/cases/{$case}")->list('batches'), static fn(mixed $one): bool => is_array($one) && $one['id'] === $batch));
    $gate = is_array($sprayable[0] ?? null) && is_array($sprayable[0]['gate']) ? $sprayable[0]['gate'] : [];
    $codes = [];
    foreach (is_array($gate['reasons'] ?? null) ? $gate['reasons'] : [] as $reason) {
        $codes[] = is_array($reason) && is_string($reason['code']) ? $reason['code'] : '';
    }

    return $codes;
}

it('is a round by its name, judged by counts, and stands beside others where one sees what worked', function (): void {
    $case = boughtCase('Green Mist', 100, 5);
    boughtCase('green  mist', 80, 6);
    boughtCase('GREEN MIST', 120, 9);
    $round = Notebook::get("/api/cases/{$case}");
    expect($round->text('rounds.0.name'))->toBe('Green Mist')
        ->and($round->at('rounds.0.batch'))->toBeNull()
        ->and($round->text('rounds.0.bought.kind'))->toBe('spray')
        ->and($round->text('rounds.0.outcome'))->toBe('worked')
        ->and($round->text('name'))->toContain('Aphids');
    $worked = Notebook::get('/api/worked');
    expect($worked->list('records'))->toHaveCount(1)
        ->and($worked->text('records.0.recipe.name'))->toBe('Green Mist')
        ->and($worked->text('records.0.verdict'))->toBe('keep')
        // No dose is ever advised, and there is no batch to mix again.
        ->and($worked->text('records.0.next'))->toBe('Go by its label, all leaves from below, and count before and after.')
        ->and($worked->at('records.0.lastBatch'))->toBeNull();
    expect(Intake::given("/api/cases/{$case}/story"))->toContain('Green Mist (bought spray)');
});

it('asks for a look, and to decide on what comes next, a week after', function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
    $case = Notebook::case(Notebook::plant());
    boughtRound($case, ['kind' => 'dust', 'name' => 'Barn dust'], '2026-06-10T18:00:00Z');
    $next = Notebook::get("/api/cases/{$case}");
    expect(array_column($next->list('next'), 'kind'))->toBe(['count-after', 'first-round'])
        ->and($next->text('next.0.dueAt'))->toStartWith('2026-06-11')
        ->and($next->text('next.1.dueAt'))->toStartWith('2026-06-17')
        ->and($next->at('next.1.undecided'))->toBeTrue();
});

it('holds the next spray of one’s own back for two weeks after insects were set out, at every door', function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
    $case = Notebook::case(Notebook::plant());
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 60]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.']);
    Date::setTestNow('2026-06-12T18:00:00Z');
    boughtRound($case, ['kind' => 'insects', 'name' => 'Lacewing grubs', 'holds' => null], '2026-06-12T18:00:00Z');
    $next = Notebook::get("/api/cases/{$case}");
    $round = array_values(array_filter($next->list('next'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round'))[0] ?? null;
    assert(is_array($round));
    expect($round['dueAt'])->toStartWith('2026-06-26')
        ->and(saidAgainst($case, 'plain-soap'))->toContain('insects-out');
    Date::setTestNow('2026-06-26T18:00:00Z');
    expect(saidAgainst($case, 'plain-soap'))->not->toContain('insects-out');
});

it('says why it waits for two weeks, before anything was mixed, too', function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
    $case = Notebook::case(Notebook::plant());
    boughtRound($case, ['kind' => 'insects', 'name' => 'Lacewing grubs'], '2026-06-10T18:00:00Z');
    $next = Notebook::get("/api/cases/{$case}");
    expect(array_column($next->list('next'), 'kind'))->toBe(['count-after', 'first-round'])
        ->and($next->text('next.0.dueAt'))->toStartWith('2026-06-17')
        ->and($next->text('next.1.dueAt'))->toStartWith('2026-06-24')
        ->and($next->text('next.1.moves.0'))->toContain('insects were set out')->and($next->text('next.1.text'))->toBe('To be sprayed: Aphids on Zinnia');
});

it('knows of sulfur and oil in what was bought, until that is taken back', function (): void {
    $case = Notebook::case(Notebook::plant());
    $round = (int) boughtRound($case, ['kind' => 'dust', 'name' => 'Barn dust', 'holds' => 'sulfur'], '2026-06-25T18:00:00Z')->number('saved.id');
    expect(saidAgainst($case, 'fine-paraffin-mist'))->toContain('sulfur-lately');
    Notebook::change("/api/rounds/{$round}/taken-back", ['takenBack' => true]);
    expect(saidAgainst($case, 'fine-paraffin-mist'))->not->toContain('sulfur-lately');
});

it('is borne at every door, where nothing else was ever sprayed on a case', function (array $bought): void {
    /** @var array<string, mixed> $bought */
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'station']);
    $plant = Notebook::plant();
    $case = Notebook::case($plant);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 60, 'countedAt' => '2026-06-18T17:00:00Z']);
    $round = (int) boughtRound($case, $bought, '2026-06-18T18:00:00Z')->number('saved.id');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 40, 'countedAt' => '2026-06-29T17:00:00Z']);
    Notebook::sent("/api/rounds/{$round}/burns", ['share' => 20]);
    foreach (["cases/{$case}", 'cases', "cases/{$case}/ahead", "cases/{$case}/seen-ahead", "cases/{$case}/going-on", "plants/{$plant}", "plants/{$plant}/burnt", 'today', 'day', 'rows', 'worked', 'trials', "opening?case={$case}", 'plants'] as $door) {
        expect(Notebook::get("/api/{$door}")->status)->toBe(200, $door);
    }
    expect(Notebook::get("/api/plants/{$plant}/burnt")->text('rounds.0.name'))->toBe('Something')
        ->and(Intake::given("/api/cases/{$case}/story"))->toContain('Something')
        ->and(Intake::given('/api/log.json'))->toContain('"boughtName":"Something"')
        ->and(Intake::given((string) parse_url(Notebook::get('/api/garden')->text('garden.feed'), PHP_URL_PATH)))->toContain('VCALENDAR');
})->with([
    'a spray' => [['kind' => 'spray', 'name' => 'Something', 'holds' => 'oil']],
    'insects' => [['kind' => 'insects', 'name' => 'Something']],
]);

it('refuses what is neither, both or nameless, and says what would be right', function (array $more, string $said): void {
    /** @var array<string, mixed> $more */
    $case = Notebook::case(Notebook::plant());
    $answer = Notebook::sent("/api/cases/{$case}/rounds", $more);
    expect($answer->status)->toBe(422)->and($answer->text)->toContain($said);
    expect(DB::table('rounds')->count())->toBe(0);
})->with([
    'neither' => [[], 'name one of the two'],
    'both' => [['batch' => '00000000-0000-4000-8000-000000000000', 'bought' => ['kind' => 'dust', 'name' => 'x']], 'name one of the two'],
    'no name' => [['bought' => ['kind' => 'dust', 'name' => '  ']], 'Between 1 and 80 characters'],
    'a long name' => [['bought' => ['kind' => 'dust', 'name' => str_repeat('x', 81)]], 'Between 1 and 80 characters'],
    'another kind' => [['bought' => ['kind' => 'potion', 'name' => 'x']], 'insects'],
    'another thing in it' => [['bought' => ['kind' => 'dust', 'name' => 'x', 'holds' => 'salt']], 'sulfur'],
    'an unknown key' => [['bought' => ['kind' => 'dust', 'name' => 'x', 'dose' => 3]], 'dose'],
]);

it('is corrected to another thing, and to what was mixed, and back', function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $key = Notebook::get("/api/batches/{$batch}")->text('key');
    Date::setTestNow('2026-06-11T18:00:00Z');
    $round = (int) boughtRound($case, ['kind' => 'spray', 'name' => '<script>alert(1)</script>', 'holds' => 'oil'], '2026-06-11T17:00:00Z')->number('saved.id');
    $now = Notebook::change("/api/rounds/{$round}", ['batch' => $key, 'sprayedAt' => '2026-06-11T17:00:00Z', 'override' => 'It was urgent.']);
    expect($now->text('rounds.0.batch.key'))->toBe($key)->and($now->at('rounds.0.bought'))->toBeNull();
    $now = Notebook::change("/api/rounds/{$round}", ['bought' => ['kind' => 'spray', 'name' => 'Green Mist'], 'sprayedAt' => '2026-06-11T17:00:00Z']);
    expect($now->text('rounds.0.name'))->toBe('Green Mist')->and($now->at('rounds.0.batch'))->toBeNull();
});

it('goes out as a table and comes in again', function (): void {
    $case = boughtCase('Green Mist', 100, 5);
    boughtRound($case, ['kind' => 'insects', 'name' => 'Lacewing grubs'], '2026-06-20T18:00:00Z');
    $table = Intake::given('/api/log.csv');
    expect($table)->toContain('Green Mist,spray');
    $kept = static fn(): array => DB::table('rounds')->orderBy('sprayed_at')->get(['submission', 'batch_id', 'bought_kind', 'bought_name', 'bought_holds', 'sprayed_at'])->map(static fn(stdClass $row): array => (array) $row)->all();
    $before = $kept();
    DB::table('weighed_rounds')->delete();
    DB::table('rounds')->delete();
    Intake::of('/api/log.csv?keep=all', $table);
    expect($kept())->toEqual($before);
});

it('keeps burns and rounds where the notebook is brought forward', function (): void {
    Date::setTestNow('2026-06-10T18:00:00Z');
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $round = (int) Notebook::sent("/api/cases/{$case}/rounds", ['batch' => Notebook::get("/api/batches/{$batch}")->text('key'), 'override' => 'It was urgent.'])->number('saved.id');
    Notebook::sent("/api/rounds/{$round}/burns", ['share' => 4]);
    Notebook::weighed();
    // What names what, and by what it is found: as whoever makes the tables for the first time has it.
    $built = static fn(): array => array_map(static fn(string $table): array => [
        DB::table(DB::raw("pragma_foreign_key_list('{$table}')"))->orderBy('from')->get(['from', 'table', 'on_delete'])->map(static fn(stdClass $one): array => (array) $one)->all(),
        DB::table(DB::raw("pragma_index_list('{$table}')"))->orderBy('name')->pluck('name')->all(),
    ], ['rounds', 'weighed_rounds', 'burns']);
    $before = $built();
    Notebook::undoneFrom('2026_12_01_000043');
    expect($built())->toBe($before)->and($before[0][0])->not->toBe([])->and($before[0][1])->not->toBe([]);
    expect([DB::table('rounds')->count(), DB::table('burns')->count(), DB::table('weighed_rounds')->count()])->toBe([1, 1, 1]);
    app(Illuminate\Contracts\Console\Kernel::class)->call('migrate', ['--force' => true]);
    expect([DB::table('rounds')->count(), DB::table('burns')->count(), DB::table('weighed_rounds')->count()])->toBe([1, 1, 1])
        ->and(DB::select('pragma foreign_key_check'))->toBe([])
        ->and($built())->toBe($before)
        ->and(Notebook::get("/api/cases/{$case}")->number('rounds.0.burns.0.share'))->toBe(4.0);
});
