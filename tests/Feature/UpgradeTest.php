<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\Round;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Tests\Feature\Answer;
use Tests\Feature\Contract;
use Tests\Feature\InTables;
use Tests\Feature\Intake;
use Tests\Feature\Notebook;

/*
 * A notebook that version 9 of the tables wrote, with a batch in every state, and what that version said of each of them.
 * It is read as it is, and brought forward.
 */

/** Opens the older notebook, after so many steps back. */
function olderNotebook(int $back = 0): void
{
    $file = sys_get_temp_dir() . '/idle-mixer-older-' . getmypid() . '-' . bin2hex(random_bytes(4)) . '.sqlite';
    touch($file);
    config()->set('database.connections.older', [...(array) config('database.connections.sqlite'), 'database' => $file, 'journal_mode' => 'memory']);
    DB::setDefaultConnection('older');
    DB::connection()->getPdo()->exec((string) file_get_contents(dirname(__DIR__) . '/fixtures/notebook-9.sql'));
    if ($back > 0) {
        app(Kernel::class)->call('migrate:rollback', ['--step' => $back, '--force' => true]);
    }
    app()->terminating(static fn(): bool => @unlink($file));
}

function broughtUpToDate(): void
{
    expect(app(Kernel::class)->call('migrate', ['--force' => true]))->toBe(0);
}

/** @return array<string, mixed> what the older version said of a batch */
function saidThen(string $which): array
{
    $said = json_decode((string) file_get_contents(dirname(__DIR__) . '/fixtures/notebook-9-said.json'), true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($said) && is_array($said[$which]));

    /** @var array<string, mixed> */
    return $said[$which];
}

function batchThen(string $which): Answer
{
    $id = saidThen($which)['id'];
    assert(is_int($id));

    return Notebook::get("/api/batches/{$id}");
}

beforeEach(function (): void {
    Date::setTestNow('2026-06-04T20:00:00Z');
});

afterEach(function (): void {
    DB::purge('older');
    DB::setDefaultConnection('sqlite');
});

it('reads a batch in every state as it was said then', function (string $which, string $status): void {
    olderNotebook();
    broughtUpToDate();
    $then = saidThen($which);
    $now = batchThen($which);
    $tally = [];
    foreach ($now->list('items') as $i => $item) {
        $scoops = [];
        foreach ($now->list("items.{$i}.scoops") as $j => $scoop) {
            $scoops[] = [$now->text("items.{$i}.scoops.{$j}.words"), $now->at("items.{$i}.scoops.{$j}.eachMl"), $now->at("items.{$i}.scoops.{$j}.count"), $now->at("items.{$i}.scoops.{$j}.ticked")];
        }
        $tally[] = [$now->at("items.{$i}.load"), $now->text("items.{$i}.name"), $now->at("items.{$i}.plannedMl"), $scoops];
    }

    expect($now->text('bottle.words'))->toBe($status)
        ->and($now->text('name'))->toBe($then['name'])
        ->and($now->text('makeWords'))->toBe($then['makeWords'])
        ->and($now->at('plan.spoken'))->toBe($then['spoken'])
        ->and($now->list('plan.steps'))->toBe($then['steps'])
        // The older tables kept fourteen figures.
        ->and($tally)->toEqualWithDelta($then['items'], 1e-9)
        ->and($now->at('discardAt'))->toBe($then['discardAt'])
        // Nobody wrote the season down: it is not guessed.
        ->and($now->text('season'))->toBe('unknown')
        ->and(Contract::schemaFault('batch', Notebook::get("/api/batches/{$now->id()}/document")->text))->toBe('');
    $made = $then['actual'];
    if (is_array($made)) {
        $kept = $now->at('actual');
        expect(is_array($kept) ? array_diff_key($kept, ['composition' => 1]) : null)->toBe($made);
    }
})->with([
    ['mixing', 'Being mixed'],
    ['ready', 'A rest, kept too long'],
    ['slip', 'Being mixed'],
    ['discarded', 'Poured away'],
    ['winter', 'Not begun'],
]);

it('finishes what was being mixed with the numbers that the older version came to', function (string $mixing, string $finished): void {
    olderNotebook();
    broughtUpToDate();
    $batch = batchThen($mixing);
    if ($mixing === 'mixing') {
        Notebook::tickAll($batch);
    }
    $made = Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    $then = saidThen($finished)['actual'];
    assert(is_array($then) && is_array($then['strength']));
    foreach ($then['strength'] as $key => $percent) {
        assert(is_float($percent) || is_int($percent));
        expect($made->number("actual.strength.{$key}"))->toEqualWithDelta($percent, 1e-9, (string) $key);
    }
    // It said three figures then, and says two now.
    expect($made->list('actual.spoken'))->toBe(array_map(static fn(mixed $words): string => (string) preg_replace_callback('/[\d.]+(?= (to|%))/', static fn(array $found): string => (string) round((float) $found[0], 1 - (int) floor(log10((float) $found[0]))), is_string($words) ? $words : ''), (array) $then['spoken']))
        ->and($made->at('actual.sure'))->toBe($then['sure'])
        ->and([$made->number('actual.ticked'), $made->number('actual.planned')])->toEqual([$then['ticked'], $then['planned']]);
})->with([['mixing', 'finished'], ['slip', 'rescued']]);

it('calls one spoon by one name from now on', function (): void {
    olderNotebook();
    broughtUpToDate();
    expect(batchThen('mixing')->text('items.0.scoops.0.words'))->toBe('Blue spoon')
        ->and(batchThen('mixing')->text('plan.loads.0.items.0.measured.scoops.0.words'))->toBe('Blue spoon');
});

it('goes on with leaf tests, rounds and evidence: proof, composition and what worked are there', function (): void {
    olderNotebook();
    broughtUpToDate();
    $worked = Notebook::get('/api/worked');
    expect($worked->list('records'))->toHaveCount(1)
        ->and($worked->list('records.0.strength')[0])->toContain('% vegetable oil')
        ->and($worked->number('records.0.medianReductionPercent'))->toEqualWithDelta(90.0, 1e-9)
        ->and(Notebook::get('/api/leaf-tests')->text('leafTests.0.outcome'))->toBe('go-ahead');
    // A fresh batch of the spray that was tested then may go.
    $case = Round::query()->firstOrFail()->case_id;
    $fresh = Notebook::batch(['recipe' => 'kitchen-oil-by-the-quart', 'make' => ['amount' => 2, 'unit' => '[qt_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[qt_us]']], $case);
    Notebook::tickAll($fresh);
    Notebook::post("/api/batches/{$fresh->id()}/finish", ['standTest' => 'even']);
    expect(json_encode(Notebook::get("/api/cases/{$case}")->at('batches.0.verdicts')))->toContain('None of 2 leaves');
});

it('says what is wrong in the way out of a winter oil whose season nobody wrote down', function (): void {
    olderNotebook();
    broughtUpToDate();
    $winter = batchThen('winter');
    $ways = Notebook::post("/api/batches/{$winter->id()}/loads/1/way-out", ['slips' => [['kind' => 'left-out', 'item' => $winter->text('items.0.key')]]]);
    expect($ways->status)->toBe(200)->and($ways->list('remedies'))->not->toBe([]);
});

it('takes a still older notebook along: sprayers, spoons and recipes are what they were', function (): void {
    olderNotebook(back: 2);
    expect(Schema::hasTable('households'))->toBeFalse()->and(Schema::hasColumn('recipe_versions', 'written'))->toBeFalse();
    broughtUpToDate();

    $sprayer = Notebook::get('/api/sprayers');
    expect($sprayer->text('sprayers.0.name'))->toBe('Old can')
        // All that it holds may be filled, nothing stays behind, and no marks are known.
        ->and($sprayer->number('sprayers.0.fillMl'))->toEqualWithDelta(3785.411784, 1e-6)
        ->and($sprayer->number('sprayers.0.leftBehindMl'))->toBe(0.0)
        ->and($sprayer->list('sprayers.0.marks'))->toBe([])
        ->and(Notebook::get('/api/measures')->text('measures.0.kind'))->toBe('level')
        // The newest version stays the newest, and an older one can be gone back to.
        ->and(Notebook::get('/api/recipes/old-soap')->number('version'))->toBe(3.0)
        ->and(Notebook::get('/api/recipes/old-soap/versions')->list('versions'))->toHaveCount(3)
        ->and(Batch::query()->count())->toBe(5);
    $first = Notebook::get('/api/recipes/old-soap/versions')->at('versions.2.recipe.document');
    expect(Notebook::recipe(json_encode($first, \JSON_THROW_ON_ERROR))->status)->toBe(200)
        ->and(Notebook::get('/api/recipes/old-soap')->number('document.lines.0.amount'))->toBe(5.0);
});

it('says of each neighbour by itself what an older version said of all of them', function (): void {
    olderNotebook();
    broughtUpToDate();
    Notebook::undoneFrom('2026_11_29_000019');
    $case = DB::table('cases')->value('id');
    foreach (['East', 'West'] as $name) {
        $plant = DB::table('plants')->insertGetId(['submission' => (string) Str::uuid(), 'name' => $name, 'tolerance' => 'ordinary-leaf', 'place' => '']);
        DB::table('watches')->insert(['case_id' => $case, 'plant_id' => $plant, 'due_at' => '2026-06-02 10:00:00']);
    }
    DB::table('task_moves')->insert(['submission' => '11111111-1111-4111-8111-111111111111', 'kind' => 'look-over', 'ref' => $case, 'due_at' => '2026-06-02 10:00:00', 'reason' => 'Rain', 'made_at' => '2026-06-02 10:00:00']);
    broughtUpToDate();
    $moves = DB::table('task_moves')->where('kind', 'look-over')->orderBy('ref')->get(['ref', 'reason', 'submission']);

    expect($moves->pluck('ref')->all())->toBe(DB::table('watches')->where('due_at', '2026-06-02 10:00:00')->orderBy('id')->pluck('id')->all())
        ->and($moves->pluck('reason')->all())->toBe(['Rain', 'Rain'])
        ->and($moves->pluck('submission')->unique()->count())->toBe(2);
});

it('takes an older notebook through its log without losing anything', function (): void {
    olderNotebook();
    broughtUpToDate();
    $before = InTables::all();
    expect(array_filter($before))->not->toBe([]);
    $log = Intake::given('/api/log.json');
    InTables::emptied();
    expect(Intake::of('/api/log.json', $log)->getStatusCode())->toBe(200);
    foreach (InTables::all() as $table => $rows) {
        expect($rows)->toEqual($before[$table], $table);
    }
});

it('writes JSON in one way, and leaves what cannot be read as it is', function (): void {
    olderNotebook();
    broughtUpToDate();
    Notebook::undoneFrom('2026_11_29_000021');
    $case = DB::table('cases')->value('id');
    DB::table('cases')->where('id', $case)->update(['situation' => '{"said": "a\/b \u00e9", "n": 1.0}']);
    $batch = DB::table('batches')->value('id');
    DB::table('batches')->where('id', $batch)->update(['rescues' => '{"torn']);
    broughtUpToDate();

    expect(DB::table('cases')->where('id', $case)->value('situation'))->toBe('{"said":"a/b é","n":1.0}')
        ->and(DB::table('batches')->where('id', $batch)->value('rescues'))->toBe('{"torn');
});

it('keeps in figures what a round said of the weather, and a sentence that has none as it was', function (): void {
    olderNotebook();
    broughtUpToDate();
    $round = DB::table('rounds')->value('id');
    $kept = static function (string $weather) use ($round): mixed {
        DB::table('rounds')->where('id', $round)->update(['weather' => $weather]);
        Notebook::undoneFrom('2026_11_29_000022');
        broughtUpToDate();

        return DB::table('rounds')->where('id', $round)->value('weather');
    };

    expect($kept('A grey evening'))->toBe('{"said":"A grey evening"}')
        ->and($kept('21 °C, 60 % humid, wind 6 km/h (the simulated station)'))->toBe('{"celsius":21.0,"humidity":60.0,"wind":6.0,"teller":"station"}')
        ->and(Notebook::get('/api/cases/1')->text('rounds.0.weather'))->toBe('21 °C, 60 % humid, wind 6 km/h (the simulated station)');
});
