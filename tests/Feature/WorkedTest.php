<?php

declare(strict_types=1);

use App\Models\Count;
use App\Models\WeighedRound;
use App\Models\WeighedSpray;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-30T18:00:00Z');
});

/**
 * A case with one round and a count before and a day after it.
 *
 * @param array{float, float}|null $untreated
 */
function caseSprayedWith(string $recipe, float $before, float $after, ?array $untreated = null, string $pest = 'aphids'): int
{
    Date::setTestNow('2026-06-10T17:30:00Z');
    $case = Notebook::case(Notebook::plant('Plant ' . bin2hex(random_bytes(3))), $pest);
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    $count = static fn(float $value, string $at, bool $alone): Answer => Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => $value, 'untreated' => $alone, 'countedAt' => $at]);
    Date::setTestNow('2026-06-30T18:00:00Z');
    $count($before, '2026-06-10T17:00:00Z', false);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'sprayedAt' => '2026-06-10T18:00:00Z', 'override' => 'It was urgent']);
    $count($after, '2026-06-12T19:00:00Z', false);
    if ($untreated !== null) {
        $count($untreated[0], '2026-06-10T17:00:00Z', true);
        $count($untreated[1], '2026-06-12T19:00:00Z', true);
    }

    return $case;
}

it('says keep after three that worked, by a rule that it tells', function (): void {
    caseSprayedWith('plain-soap', 100, 5);
    caseSprayedWith('plain-soap', 80, 6);
    expect(Notebook::get('/api/worked')->text('records.0.verdict'))->toBe('not-enough');
    caseSprayedWith('plain-soap', 120, 9);
    $worked = Notebook::get('/api/worked');
    expect($worked->list('records'))->toHaveCount(1)
        ->and($worked->text('records.0.verdict'))->toBe('keep')
        ->and($worked->text('records.0.family'))->toBe('Soap')
        ->and($worked->text('records.0.reason'))->toBe('It worked in 3 of 3, where two of three is the least.')
        ->and($worked->number('records.0.cases'))->toBe(3.0)
        // By hand: 5 of 100, 6 of 80 and 9 of 120.
        ->and($worked->at('records.0.left'))->toEqual([5, 7.5, 7.5])
        ->and($worked->number('records.0.effectPercent'))->toEqualWithDelta(93.2, 0.5)
        ->and($worked->number('records.0.effectLow'))->toBeGreaterThan(80.0)
        ->and($worked->at('more'))->toBeFalse();
    $families = array_map(static fn(mixed $one): mixed => is_array($one) ? $one['family'] : null, $worked->list('untried'));
    expect($families)->toContain('Oil');
    expect($families)->not->toContain('Soap');
});

it('compares with a plant left alone, and doubts what went by itself', function (): void {
    foreach ([[100.0, 10.0, [100.0, 12.0]], [100.0, 8.0, null], [90.0, 9.0, null], [80.0, 7.0, null]] as [$before, $after, $alone]) {
        /** @var array{float, float}|null $alone */
        caseSprayedWith('plain-soap', $before, $after, $alone);
    }
    $worked = Notebook::get('/api/worked');
    expect($worked->text('records.0.verdict'))->toBe('not-enough')->and($worked->text('records.0.reason'))->toContain('so did the plant left alone');
});

it('keeps strengths apart that differ by more than a tenth, and pests', function (): void {
    caseSprayedWith('plain-soap', 100, 5);
    caseSprayedWith('mild-soap', 100, 60);
    caseSprayedWith('plain-soap', 100, 50, null, 'whitefly');
    $told = [];
    $worked = Notebook::get('/api/worked');
    foreach ($worked->list('records') as $i => $one) {
        $told[] = $worked->text("records.{$i}.pest") . ' ' . $worked->text("records.{$i}.recipe.slug");
    }
    expect($told)->toBe(['aphids plain-soap', 'aphids mild-soap', 'whitefly plain-soap']);
});

it('tells the choice and its own what happened here', function (): void {
    $case = caseSprayedWith('plain-soap', 100, 5);
    $choice = Notebook::post("/api/cases/{$case}/choice", ['stage' => 'any', 'severity' => 'heavy', 'indoors' => false, 'cats' => false]);
    expect($choice->text)->toContain('In your own rounds against it: worked in 1 of 1, last on Plant');
});

it('names the plant that got a spray last, whichever of its strengths did better', function (): void {
    caseSprayedWith('plain-soap', 100, 5);
    Date::setTestNow('2026-06-30T18:00:00Z');
    $own = Notebook::get('/api/own');
    expect($own->text('own.0.slug'))->toBe('plain-soap')->and($own->text('own.0.words'))->toStartWith('Here it worked in 1 of 1, last on Plant ');
    DB::table('weighed_sprays')->insert([...(array) DB::table('weighed_sprays')->first(), 'id' => 99, 'rank' => 2, 'judged' => 2, 'worked' => 0, 'last_plant' => 'Quince', 'last_at' => '2026-06-29 18:00:00']);
    expect(Notebook::get('/api/own')->text('own.0.words'))->toBe('Here it worked in 1 of 3, last on Quince.');
});

it('weighs as soon as something is written, and the same when all of it is weighed anew', function (): void {
    $case = caseSprayedWith('plain-soap', 100, 5);
    caseSprayedWith('castile-and-kitchen-oil', 100, 15);
    $rows = static fn(): array => WeighedRound::query()->orderBy('case_id')->orderBy('sprayed_at')->get()->map(static fn(WeighedRound $round): array => [$round->case_id, $round->outcome, $round->formula, $round->reduction, $round->kept_log, $round->facts])->all();
    $told = Notebook::get('/api/worked')->text;
    $before = $rows();
    expect(count($before))->toBe(2)->and(DB::table('stale_cases')->count())->toBe(0);
    DB::delete('delete from weighed_rounds');
    DB::delete('delete from weighed_sprays');
    App\Models\Stale::everything();
    expect(Notebook::get('/api/worked')->text)->toBe($told)->and($rows())->toBe($before)->and(DB::table('stale_cases')->count())->toBe(0);
    // A count that comes by another door is seen, too.
    Count::query()->where('case_id', $case)->orderByDesc('counted_at')->first()?->update(['value' => 90]);
    expect(Notebook::get('/api/worked')->text)->not->toBe($told);
});

it('knows whether a round was measured as planned', function (array $slip, ?bool $asPlanned): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::batch(['recipe' => 'neem-leaf-quart', 'make' => ['amount' => 1, 'unit' => '[gal_us]']], $case);
    Notebook::tickAll($batch);
    if ($slip !== []) {
        $slips = [['kind' => 'count', 'item' => 'castile-soap', 'scoop' => 0, ...$slip]];
        expect(Notebook::change("/api/batches/{$batch->id()}/loads/1/slip", ['slips' => $slips, 'remedy' => 'within-limits'])->status)->toBe(200);
    }
    Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    $round = Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch->id(), 'override' => 'x'])->id('saved.id');
    expect(app(App\Records\RoundFacts::class)->of(App\Models\Round::query()->findOrFail($round))['strength'] ?? null)->toBe($asPlanned);
})->with([
    'as it was planned' => [[], true],
    'twice the soap' => [['from' => 4, 'to' => 4], false],
    'nobody knows how much' => [['from' => 2, 'to' => 6], null],
]);

it('weighs no record anew for a case that is in none, nor for a leaf test that says nothing yet', function (): void {
    $sprayed = caseSprayedWith('plain-soap', 100, 5);
    Notebook::weighed();
    DB::table('weighed_sprays')->update(['name' => 'As it was weighed']);
    $names = static function (): array {
        Notebook::weighed();

        return DB::table('weighed_sprays')->pluck('name')->all();
    };
    $plant = Notebook::plant('Hop');
    $case = Notebook::case($plant);
    $count = Notebook::sent("/api/cases/{$case}/counts", ['value' => 40]);
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $test = Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]);
    expect([$count->status, $test->status])->toBe([201, 201])->and($names())->toBe(['As it was weighed']);
    // Its first round is in a record, and so is what is counted of a case with rounds.
    expect(Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent'])->status)->toBe(201)->and($names())->not->toContain('As it was weighed');
    DB::table('weighed_sprays')->update(['name' => 'As it was weighed']);
    expect(Notebook::sent("/api/cases/{$sprayed}/counts", ['value' => 4])->status)->toBe(201)->and($names())->not->toContain('As it was weighed');
});

it('says what to try next, and sizes it', function (): void {
    expect(Notebook::get('/api/worked/aphids/next')->text('next.words'))->toContain('never tried here')
        ->and(Notebook::get('/api/worked/ghosts/next')->status)->toBe(404);
    foreach ([1, 2, 3] as $i) {
        caseSprayedWith('plain-soap', 100, 5 + $i);
    }
    $next = Notebook::get('/api/worked/aphids/next');
    expect($next->text('next.one') . ' ' . $next->text('next.other'))->toContain('Plain soap')
        ->and($next->number('next.units'))->toBeGreaterThan(7.0)
        ->and($next->text('next.words'))->toContain('times as much as the other', 'of 100 such trials would tell (simulated');
});

it('turns pages of what worked, of cases and of today, and refuses places that are none', function (): void {
    $plants = array_map(static fn(int $i): int => Notebook::plant("Plant {$i}"), range(1, 23));
    foreach ($plants as $plant) {
        Notebook::case($plant);
    }
    $first = Notebook::get('/api/cases');
    $second = Notebook::get('/api/cases?from=20');
    $ids = static fn(Answer $answer): array => array_map(static fn(mixed $one): int => is_array($one) && is_int($one['id'] ?? null) ? $one['id'] : 0, $answer->list('cases'));
    expect($first->at('more'))->toBeTrue()->and($second->at('more'))->toBeFalse()
        ->and(count($ids($first)))->toBe(20)->and(count(array_unique([...$ids($first), ...$ids($second)])))->toBe(23);
    $today = Notebook::get('/api/today');
    $rest = Notebook::get("/api/today?from={$today->id('next')}");
    expect($today->list('tasks'))->toHaveCount(16)->and($rest->list('tasks'))->toHaveCount(7)->and($rest->at('next'))->toBeNull()
        ->and(Notebook::get('/api/worked?from=5')->list('records'))->toBe([]);
    foreach (['-1', 'x', '1e9', '99999999'] as $from) {
        expect(Notebook::get("/api/cases?from={$from}")->status)->toBe(422)->and(Notebook::get("/api/today?from={$from}")->text('error.path'))->toBe('/from');
    }
});

it('weighs all of it anew once the rules are others', function (): void {
    caseSprayedWith('plain-soap', 100, 5);
    DB::table('notebook')->insert(['id' => 1, 'mark' => 'here', 'weighed_by' => 'rules of last year']);
    DB::table('weighed_sprays')->update(['facts' => '{"old":true}']);
    app(App\Records\Fresh::class)->byTheseRules();
    expect(Notebook::get('/api/worked')->text('records.0.verdict'))->toBe('not-enough');
    $by = DB::table('notebook')->value('weighed_by');
    expect($by)->toBeString();
    expect($by)->not->toBe('rules of last year');
});

it('tells every task on one page and one only, whatever moved', function (): void {
    $cases = array_map(static fn(int $i): int => Notebook::case(Notebook::plant("Plant {$i}")), range(1, 40));
    // The first twenty are put off for five days, the next three for good.
    foreach (array_slice($cases, 0, 23) as $i => $case) {
        Notebook::post('/api/moves', ['submission' => Notebook::submission(), 'kind' => 'first-round', 'ref' => $case, 'plannedAt' => '2026-06-30T18:00:00Z', 'to' => $i < 20 ? '2026-07-05T18:00:00Z' : null, 'reason' => 'On a journey']);
    }
    // Three of the second sixteen are gone, so it reaches three further.
    $second = Notebook::get('/api/today?from=16');
    expect($second->list('tasks'))->toHaveCount(16)->and($second->number('next'))->toEqual(35);
    $refs = [];
    $from = 0;
    for ($page = 0; $page < 6; ++$page) {
        $today = Notebook::get("/api/today?from={$from}");
        foreach ($today->list('tasks') as $i => $task) {
            $refs[] = $today->id("tasks.{$i}.ref");
        }
        // No page is empty while something is left.
        expect($today->list('tasks'))->not->toBe([]);
        if ($today->at('next') === null) {
            break;
        }
        $from = $today->id('next');
    }
    sort($refs);
    expect($refs)->toBe([...array_slice($cases, 0, 20), ...array_slice($cases, 23)]);
});

it('keeps what is told in step with its table', function (): void {
    caseSprayedWith('plain-soap', 100, 5);
    Notebook::weighed();
    expect(WeighedSpray::query()->count())->toBe(1);
    $round = DB::table('rounds')->value('id');
    Notebook::change('/api/rounds/' . (is_int($round) ? $round : 0) . '/taken-back', ['takenBack' => true]);
    Notebook::weighed();
    expect(WeighedSpray::query()->count())->toBe(0)->and(Notebook::get('/api/worked')->list('records'))->toBe([]);
});

it('tells once which rounds a newer version judges otherwise, from what to what', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $case = Notebook::case(Notebook::plant('Dahlia'));
    $batch = Notebook::mixed($case);
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 100]);
    Date::setTestNow('2026-06-01T19:00:00Z');
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    Date::setTestNow('2026-06-08T20:00:00Z');
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 20]);
    $fresh = app(App\Records\Fresh::class);
    DB::table('notebook')->insertOrIgnore(['id' => 1, 'mark' => 'a']);
    $fresh->byTheseRules();
    expect($fresh->byTheseRules())->toBe(['rounds' => [], 'cases' => []]);
    // As if the rules before had come to another share, and to the same outcome.
    DB::table('weighed_rounds')->update(['reduction' => 72.4]);
    DB::table('notebook')->update(['weighed_by' => 'other rules']);
    $all = $fresh->byTheseRules();
    $changed = $all['rounds'];
    expect($all['cases'])->toBe([])->and($changed)->toHaveCount(1, (string) json_encode($changed))->and($changed[0]['was']['percent'])->toBe(72.4)->and($changed[0]['now']['percent'])->toEqualWithDelta(80.0, 1e-9);
    $shelf = Tests\Feature\Shelf::bare(app());
    $shelf->places()->rejudge($changed);
    expect(Notebook::get('/api/today?zone=UTC')->at('rejudged'))->toBe(['Neem leaf spray on Aphids on Dahlia, 1 Jun 2026: 72 % fewer before, 80 % fewer now.'])
        ->and(Notebook::put('/api/rejudged', ['seen' => true])->status)->toBe(200)
        ->and(Notebook::get('/api/today?zone=UTC')->at('rejudged'))->toBe([]);
});

it('tells once which cases a newer version sprays after other days', function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    $case = Notebook::case(Notebook::plant('Dahlia'));
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    DB::table('notebook')->insertOrIgnore(['id' => 1, 'mark' => 'a']);
    $fresh = app(App\Records\Fresh::class);
    $fresh->byTheseRules();
    // A notebook of before kept its days with what was mixed.
    DB::table('cases')->update(['round_days' => null]);
    DB::table('batches')->update(['repeat_days' => 7]);
    DB::table('notebook')->update(['weighed_by' => 'other rules']);
    $all = $fresh->byTheseRules();
    expect($all)->toBe(['rounds' => [], 'cases' => [['case' => $case, 'was' => 7, 'now' => 5]]]);
    Tests\Feature\Shelf::bare(app())->places()->rejudge($all['rounds'], $all['cases']);
    expect(Notebook::get('/api/today?zone=UTC')->at('rejudged'))->toBe(['Aphids on Dahlia: the next round comes 5 days after the last, not 7.'])
        ->and(Notebook::put('/api/rejudged', ['seen' => true])->status)->toBe(200)
        ->and(Notebook::get('/api/today?zone=UTC')->at('rejudged'))->toBe([]);
});
