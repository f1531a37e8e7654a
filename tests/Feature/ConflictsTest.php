<?php

declare(strict_types=1);

use App\Http\Middleware\InOneTransaction;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Plant;
use App\Records\Submitted;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Answer;
use Tests\Feature\Leaves;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @return array{string, array<string, mixed>} where a kind of record is made, and of what */
function newOf(string $kind): array
{
    $plant = Notebook::plant('Zinnia');
    $case = Notebook::case($plant);
    $batch = in_array($kind, ['leaf-tests', 'readings', 'rounds', 'stand-tests'], true) ? Notebook::mixed($case) : 0;
    $litre = ['amount' => 1, 'unit' => 'L'];

    return match ($kind) {
        'plants' => ['/api/plants', ['name' => 'Aster', 'tolerance' => 'ordinary-leaf']],
        'sprayers' => ['/api/sprayers', ['name' => 'Can', 'holds' => $litre]],
        'measures' => ['/api/measures', ['name' => 'Spoon', 'holds' => ['amount' => 5, 'unit' => 'mL']]],
        'cases' => ['/api/cases', ['plantId' => $plant, 'pest' => 'aphids', 'notes' => 'tips']],
        'batches' => ['/api/batches', ['bench' => ['request' => ['recipe' => 'mild-soap', 'make' => $litre]]]],
        'stand-tests' => ["/api/batches/{$batch}/stand-tests", ['result' => 'even', 'seconds' => 60]],
        'leaf-tests' => ['/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false]],
        'readings' => ['/api/leaf-tests/' . Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch, 'plantId' => $plant, 'leaves' => 2, 'controls' => false])->id() . '/readings', ['leaves' => Leaves::seen(0, 0)]],
        'rounds' => ["/api/cases/{$case}/rounds", ['batchId' => $batch, 'notes' => 'n', 'override' => 'o']],
        default => ["/api/cases/{$case}/counts", ['value' => 3]],
    };
}

const KINDS_MADE = ['plants', 'sprayers', 'measures', 'cases', 'batches', 'stand-tests', 'leaf-tests', 'readings', 'rounds', 'counts'];

it('answers what is sent again with what was saved, and something else under the same key with a conflict', function (string $kind): void {
    [$path, $body] = newOf($kind);
    $key = Notebook::submission();
    $send = static fn(array $body): Answer => Notebook::post($path, json_encode(['submission' => $key, ...$body], \JSON_THROW_ON_ERROR));
    $first = $send($body);
    expect($first->status)->toBe(201)
        // The same again, its keys in another order.
        ->and($send(array_reverse($body, true))->status)->toBe(200);
    $field = array_key_last($body);
    $other = [...$body, $field => match (true) {
        is_string($body[$field]) && $field === 'tolerance' => 'tough-leaf',
        $field === 'holds' => ['amount' => 2, 'unit' => 'L'],
        $field === 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 2, 'unit' => 'L']]],
        $field === 'plantId' => Notebook::plant('Other'),
        $field === 'leaves' => Leaves::seen(0, 20),
        is_bool($body[$field]) => ! $body[$field],
        is_string($body[$field]) => 'other',
        default => 30,
    }];
    $before = DB::select('select (select count(*) from revisions) + (select count(*) from counts) + (select count(*) from plants) + (select count(*) from batches) n');
    $conflict = $send($other);
    expect($conflict->status)->toBe(409)->and($conflict->text('error.path'))->toBe('/submission')
        ->and($conflict->text('conflict.kind'))->toBe($kind)
        ->and($conflict->number('conflict.version'))->toBeGreaterThan(0.0)
        ->and(DB::select('select (select count(*) from revisions) + (select count(*) from counts) + (select count(*) from plants) + (select count(*) from batches) n'))->toEqual($before);
})->with(KINDS_MADE);

it('corrects a count whose answer was lost by what the conflict tells', function (): void {
    [$path] = newOf('counts');
    $key = Notebook::submission();
    Notebook::post($path, ['submission' => $key, 'value' => 3]);
    $conflict = Notebook::post($path, ['submission' => $key, 'value' => 30]);
    expect($conflict->list('conflict.fields')[0])->toBe(['name' => 'Count', 'saved' => '3', 'sent' => '30']);
    $corrected = Notebook::put("/api/counts/{$conflict->id('conflict.id')}", ['basedOn' => $conflict->number('conflict.version'), 'value' => 30]);
    expect($corrected->status)->toBe(200)->and(Count::query()->pluck('value')->all())->toBe([30.0]);
});

it('takes the same words about another case for something else', function (): void {
    [$path] = newOf('counts');
    $key = Notebook::submission();
    Notebook::post($path, ['submission' => $key, 'value' => 3]);
    $elsewhere = Notebook::post('/api/cases/' . Notebook::case(Notebook::plant('Other')) . '/counts', ['submission' => $key, 'value' => 3]);
    expect($elsewhere->status)->toBe(409)->and(Count::query()->count())->toBe(1);
});

it('makes no second record of one that was taken back meanwhile', function (): void {
    [$path] = newOf('counts');
    $key = Notebook::submission();
    $count = Notebook::post($path, ['submission' => $key, 'value' => 3])->id('saved.id');
    Notebook::change("/api/counts/{$count}/taken-back", ['takenBack' => true]);
    expect(Notebook::post($path, ['submission' => $key, 'value' => 3])->status)->toBe(200)
        ->and(Notebook::post($path, ['submission' => $key, 'value' => 4])->status)->toBe(409)
        ->and(DB::table('counts')->count())->toBe(1);
});

it('tells contents apart and keys in another order not', function (): void {
    $digest = static fn(string $json): string => Submitted::of('k', $json)->content;
    expect($digest('{"a":1,"b":{"c":[1,2],"d":null}}'))->toBe($digest('{"b":{"d":null,"c":[1,2]},"a":1}'))
        ->and($digest('{"a":1.0}'))->toBe($digest('{"a":1}'))
        ->and(array_unique(array_map($digest, ['{"a":1}', '{"a":"1"}', '{"a":[1]}', '{"a":2}', '{"b":1}', '{"a":[1,2]}', '{"a":[2,1]}', '{"a":true}', '{"a":null}', '{}'])))->toHaveCount(10)
        ->and(Submitted::of('k', '{}')->under('cases/1')->content)->not->toBe(Submitted::of('k', '{}')->under('cases/2')->content);
});

it('overwrites nothing that was changed since: both versions are told, and the newer can be chosen', function (string $path, array $one, array $other, string $name): void {
    $plant = Notebook::plant('Zinnia');
    $case = Notebook::case($plant);
    Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']]);
    Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 3]);
    Notebook::change('/api/household', ['kitchen' => 'us', 'byEye' => (object) []]);
    $seen = Notebook::version($path);
    $send = static fn(int $basedOn, array $body): Answer => Notebook::put($path, json_encode(['basedOn' => $basedOn, ...$body], \JSON_THROW_ON_ERROR));
    expect($send($seen, $one)->status)->toBe(200);
    $conflict = $send($seen, $other);
    $told = array_column($conflict->list('conflict.fields'), null, 'name');
    expect($conflict->status)->toBe(409)->and($conflict->text('error.path'))->toBe('/basedOn')
        ->and($conflict->number('conflict.version'))->toBe((float) Notebook::version($path))
        ->and($told)->toHaveKey($name);
    // What was saved is still what was saved, and saying it again is no conflict: an answer may have been lost.
    expect($send($seen, $one)->status)->toBe(200)
        ->and($send((int) $conflict->number('conflict.version'), $other)->status)->toBe(200);
})->with([
    'a plant' => ['/api/plants/1', ['name' => 'One', 'tolerance' => 'ordinary-leaf'], ['name' => 'Other', 'tolerance' => 'ordinary-leaf'], 'Name'],
    'a sprayer' => ['/api/sprayers/1', ['pours' => [], 'leftBehind' => ['amount' => 40, 'unit' => 'mL']], ['pours' => [], 'leftBehind' => ['amount' => 60, 'unit' => 'mL']], 'Left behind in mL'],
    'a count' => ['/api/counts/1', ['value' => 4], ['value' => 5], 'Count'],
    'what came of a case' => ['/api/cases/1/closed', ['closed' => true, 'conclusion' => 'gone'], ['closed' => true, 'conclusion' => 'back'], 'What came of it'],
    'the household' => ['/api/household', ['kitchen' => 'british', 'byEye' => ['squirt' => 3]], ['kitchen' => 'metric', 'byEye' => ['squirt' => 3]], 'Spoons and cups here are'],
]);

it('undoes and takes back only what was on the screen', function (string $step, array $body): void {
    [$path] = newOf('counts');
    $count = Notebook::post($path, ['submission' => Notebook::submission(), 'value' => 3])->id('saved.id');
    Notebook::change("/api/counts/{$count}", ['value' => 4]);
    Notebook::change("/api/counts/{$count}", ['value' => 5]);
    $answer = Notebook::put("/api/counts/{$count}/{$step}", json_encode(['basedOn' => 2, ...$body], \JSON_THROW_ON_ERROR));
    expect($answer->status)->toBe(409)->and($answer->text('error.message'))->toContain('changed meanwhile')
        ->and(Count::query()->findOrFail($count)->value)->toBe(5.0)
        ->and(Notebook::put("/api/counts/{$count}/{$step}", json_encode(['basedOn' => 3, ...$body], \JSON_THROW_ON_ERROR))->number('version'))->toBe(4.0)
        ->and(Notebook::get("/api/counts/{$count}/history")->list('changes'))->toHaveCount(3);
})->with([['undone', []], ['taken-back', ['takenBack' => true]]]);

it('needs to know what a change is based on', function (string $path, array $body): void {
    Notebook::case(Notebook::plant());
    $missing = Notebook::put($path, json_encode($body, \JSON_THROW_ON_ERROR));
    $odd = Notebook::put($path, json_encode(['basedOn' => 'the newest', ...$body], \JSON_THROW_ON_ERROR));
    expect($missing->status)->toBe(422)->and($missing->text('error.message'))->toContain('basedOn')
        ->and($odd->status)->toBe(422)->and($odd->text('error.path'))->toBe('/basedOn')
        ->and(Plant::query()->firstOrFail()->version)->toBe(1);
})->with([
    ['/api/plants/1', ['name' => 'One', 'tolerance' => 'ordinary-leaf']],
    ['/api/plants/1/retired', ['retired' => true]],
    ['/api/plants/1/taken-back', ['takenBack' => true]],
    ['/api/cases/1/closed', ['closed' => true, 'conclusion' => '']],
    ['/api/household', ['kitchen' => null, 'byEye' => []]],
]);

it('keeps no recipe in the place of another version, unless that was on the screen', function (): void {
    $recipe = static fn(int $ml): array => [
        'format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'tub', 'name' => 'Tub', 'use' => 'foliar', 'order' => 'all-together',
        'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'castile-soap', 'amount' => $ml, 'unit' => 'mL']], 'notes' => '',
    ];
    expect(Notebook::post('/api/recipes', $recipe(5))->status)->toBe(201)
        ->and(Notebook::post('/api/recipes', $recipe(5))->status)->toBe(200);
    $conflict = Notebook::post('/api/recipes', $recipe(6));
    expect($conflict->status)->toBe(409)->and($conflict->text('conflict.kind'))->toBe('recipes')->and($conflict->number('conflict.version'))->toBe(1.0)
        ->and(Notebook::get('/api/recipes/tub/versions')->list('versions'))->toHaveCount(1)
        ->and(Notebook::post('/api/recipes?basedOn=1', $recipe(6))->number('version'))->toBe(2.0)
        ->and(Notebook::post('/api/recipes?basedOn=1', $recipe(7))->status)->toBe(409)
        ->and(Notebook::post('/api/recipes?basedOn=one', $recipe(7))->text('error.path'))->toBe('?basedOn');
});

it('reads a batch document that says less than is known here, and refuses one that says something else', function (): void {
    $batch = Notebook::batch();
    $early = Notebook::get("/api/batches/{$batch->id()}/document")->text;
    Notebook::tickAll($batch);
    Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even']);
    expect(Notebook::post('/api/batches/documents', $early)->status)->toBe(200);
    $late = Notebook::get("/api/batches/{$batch->id()}/document")->text;
    $conflict = Notebook::post('/api/batches/documents', str_replace('"standTest":"even"', '"standTest":"ring"', $late));
    expect($conflict->status)->toBe(409)->and($conflict->text('error.message'))->toContain('is in the notebook already')
        ->and(Notebook::get("/api/batches/{$batch->id()}")->text('standTest'))->toBe('even');
});

it('keeps what was written before an answer, and nothing of what was written before a refusal', function (int $status, int $kept): void {
    $answer = app(InOneTransaction::class)->handle(Illuminate\Http\Request::create('/api/plants', 'POST'), static function () use ($status): Illuminate\Http\Response {
        Notebook::plant('Aster');

        return new Illuminate\Http\Response('', $status);
    });
    expect($answer->getStatusCode())->toBe($status)->and(App\Models\Plant::query()->count())->toBe($kept);
})->with([[200, 1], [399, 1], [400, 0], [422, 0], [500, 0]]);

it('keeps everything of a call or nothing: each that may write runs in one transaction, and no other writes', function (): void {
    $reckon = ['api/plan', 'api/bench', 'api/diagnosis', 'api/gate', 'api/sums', 'api/amount', 'api/need', 'api/reach', 'api/way-out', 'api/compose', 'api/compare', 'api/another-bottle', 'api/leaf-photos', 'api/batches/{id}/loads/{load}/way-out', 'api/cases/{id}/rounds-ahead', 'api/seasons', 'api/leaf-tests/{id}/photos/{leaf}/{when}'];
    $outside = [];
    foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && ! in_array('GET', $route->methods(), true) && ! in_array(InOneTransaction::class, $route->gatherMiddleware(), true)) {
            $outside[] = $route->uri();
        }
    }
    // What waited on a device is written each by itself.
    expect($outside)->toEqualCanonicalizing([...$reckon, 'api/waiting']);

    // What only reckons does so over a notebook that may not be written to.
    $batch = Notebook::batch()->id();
    $case = Notebook::case(Notebook::plant());
    Notebook::sent("/api/cases/{$case}/counts", ['value' => 20]);
    $litre = ['amount' => 1, 'unit' => 'L'];
    $request = ['recipe' => 'neem-by-the-gallon', 'make' => ['amount' => 1, 'unit' => '[gal_us]']];
    $bodies = [
        'plan' => $request, 'bench' => ['request' => $request], 'diagnosis' => ['seen' => (object) []], 'amount' => ['said' => 'half a litre'], 'sums' => ['line' => '5 ml neem', 'make' => $litre, 'of' => 'water'],
        'need' => ['plants' => [['size' => 'pot', 'count' => 3]], 'unit' => 'L'], 'reach' => ['request' => $request, 'left' => ['40 ml neem']],
        'way-out' => ['request' => $request, 'load' => 1, 'slips' => [['kind' => 'left-out', 'item' => 'neem-oil']]],
        'compose' => ['name' => 'Mine', 'slug' => null, 'use' => 'foliar', 'order' => 'blender', 'notes' => '', 'lines' => ['1 l water', '5 ml neem']],
        'compare' => ['recipes' => ['mild-soap', 'mild-neem'], 'make' => $litre],
        'seasons' => ['garden' => 1, 'rounds' => [0], 'looks' => [], 'until' => 7],
        "cases/{$case}/rounds-ahead" => ['on' => []],
        "batches/{$batch}/loads/1/way-out" => ['slips' => [['kind' => 'left-out', 'item' => 'neem-oil']]],
    ];
    $shared = DB::getDriverName() === 'pgsql';
    DB::statement($shared ? 'set transaction read only' : 'pragma query_only = 1');
    try {
        foreach ($bodies as $path => $body) {
            expect(Notebook::post("/api/{$path}", json_encode($body, \JSON_THROW_ON_ERROR))->status)->toBe(200, $path);
        }
        if ($shared) {
            return;
        }
        // And one that writes says why it cannot.
        $answer = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Aster', 'tolerance' => 'ordinary-leaf']);
        expect($answer->status)->toBe(503)->and($answer->text('error.message'))->toContain('read-only for the user who serves. Nothing of this was saved.');
    } finally {
        $shared || DB::statement('pragma query_only = 0');
    }
});

it('keeps nothing of a call that is refused half-way', function (): void {
    $case = Notebook::case(Notebook::plant());
    PestCase::saving(static function (): void {
        DB::table('plants')->insert(['submission' => Notebook::submission(), 'name' => 'Half', 'tolerance' => 'ordinary-leaf']);
        throw new App\Records\Conflict('No.');
    });
    try {
        expect(Notebook::change("/api/cases/{$case}/closed", ['closed' => true, 'conclusion' => 'x'])->status)->toBe(409)
            ->and(Plant::query()->where('name', 'Half')->exists())->toBeFalse();
    } finally {
        PestCase::flushEventListeners();
    }
});
