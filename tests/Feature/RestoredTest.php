<?php

declare(strict_types=1);

use App\Http\Middleware\OfThisNotebook;
use App\Models\Count;
use App\Notebook\Opened;
use App\Notebook\Places;
use IdleMixer\Core\Schedule\ActedHour;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Keys;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-10T12:00:00Z');
    @mkdir(dataOf() . '/serve', 0o700, true);
    config(['mixer.data' => dataOf()]);
});
afterEach(function (): void {
    exec('rm -rf ' . escapeshellarg(dataOf()));
});

function dataOf(): string
{
    return sys_get_temp_dir() . '/restored-' . getmypid();
}

function openedAs(string $notebook): void
{
    app(Places::class)->remember(new Opened('inside', Places::fileAt(app(Places::class)->notebook), $notebook));
}

/** @param array<string, string> $more */
function countFor(int $case, array $more = [], ?string $at = null): Answer
{
    $headers = array_combine(array_map(static fn(string $name): string => 'HTTP_' . str_replace('-', '_', strtoupper($name)), array_keys($more)), array_values($more));

    return Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 3, ...($at === null ? [] : ['countedAt' => $at])], $headers);
}

function countedLast(): string
{
    return Count::query()->orderByDesc('id')->firstOrFail()->counted_at->format('Y-m-d H:i:s');
}

it('says with every answer which notebook it is, and writes nothing that is meant for another', function (): void {
    openedAs('a1');
    $case = Notebook::case(Notebook::plant());
    expect(Notebook::get('/api/cases')->header(OfThisNotebook::HEADER))->toBe('a1')
        ->and(countFor($case, ['Notebook-Mark' => 'a1'])->status)->toBe(201)
        ->and(countFor($case)->status)->toBe(201);
    openedAs('b2');
    $refused = countFor($case, ['Notebook-Mark' => 'a1']);
    expect([$refused->status, $refused->header(OfThisNotebook::HEADER), $refused->text('error.path')])->toBe([409, 'b2', '/mark'])
        ->and(Count::query()->count())->toBe(2)
        // What only reads is answered whatever it means.
        ->and(Notebook::get("/api/cases/{$case}", ['HTTP_NOTEBOOK_MARK' => 'a1'])->status)->toBe(200);
});

it('writes to what is named by the identity it was sent under, and to nothing by its row', function (): void {
    $case = Notebook::case(Notebook::plant());
    $key = Keys::of('cases', $case);
    $send = static fn(string $name): int => app(Illuminate\Contracts\Http\Kernel::class)->handle(Illuminate\Http\Request::create("http://127.0.0.1/api/cases/{$name}/counts", 'POST', server: ['REMOTE_ADDR' => '127.0.0.1', 'CONTENT_TYPE' => 'application/json'], content: '{"submission":"' . Notebook::submission() . '","value":1}'))->getStatusCode();
    expect([$send($key), $send(strtoupper($key)), $send((string) $case), $send(Notebook::submission())])->toBe([201, 201, 404, 404])
        ->and(Notebook::get("/api/cases/{$case}")->text('key'))->toBe($key);
});

it('says where something may belong that was entered for another notebook', function (): void {
    $plant = Notebook::plant('Dahlia');
    $case = Notebook::case($plant);
    $closed = Notebook::case($plant, 'spider-mites');
    Notebook::change("/api/cases/{$closed}/closed", ['closed' => true, 'conclusion' => '']);
    $key = Keys::of('cases', $case);
    $there = Notebook::get("/api/whereto?kind=cases&key={$key}");
    expect([$there->text('here.name'), $there->text('here.key'), count($there->list('choices'))])->toBe(['Aphids on Dahlia', $key, 1])
        ->and(Notebook::get('/api/whereto?kind=cases&key=' . Keys::of('cases', $closed))->text('here.name'))->toBe('Spider mites on Dahlia')
        ->and(Notebook::get('/api/whereto?kind=cases&key=' . Notebook::submission())->at('here'))->toBeNull();
    $batch = Notebook::mixed($case);
    Notebook::sent('/api/leaf-tests', ['batchId' => $batch, 'plantId' => $plant, 'leaves' => 2]);
    Notebook::sent("/api/cases/{$case}/rounds", ['batchId' => $batch, 'override' => 'It was urgent']);
    Notebook::sent('/api/runs', ['batchId' => $batch, 'caseIds' => [$case], 'override' => 'It was urgent']);
    foreach (['batches' => 'orchard', 'leaf-tests' => 'on Dahlia', 'rounds' => 'on Aphids on Dahlia', 'runs' => ''] as $kind => $says) {
        $answer = Notebook::get("/api/whereto?kind={$kind}&key=" . Notebook::submission());
        expect(count($answer->list('choices')))->toBe(1, $kind)->and($answer->text('choices.0.name'))->toContain($says === 'orchard' ? '' : $says);
    }
    expect(Notebook::get('/api/whereto?kind=spoons&key=' . $key)->text('error.path'))->toBe('/kind')
        ->and(Notebook::get('/api/whereto?kind=cases&key=28')->text('error.path'))->toBe('/key');
});

// What each device's clock said, and when it really was; by hand.
it('dates what waited by this clock, whatever the clock of the device said', function (string $sent, string $acted, ?string $known, string $really, string $drift = '0'): void {
    $case = Notebook::case(Notebook::plant());
    expect(countFor($case, ['Device-Clock' => $sent, 'Acted-At' => $acted, ...($known === null ? [] : ['Acted-Ahead' => $known, 'Acted-Drift' => $drift])])->status)->toBe(201)
        ->and(countedLast())->toBe($really);
})->with([
    'both right, two hours ago' => ['2026-06-10T12:00:00Z', '2026-06-10T10:00:00Z', '0', '2026-06-10 10:00:00'],
    'a day ahead all the while' => ['2026-06-11T12:00:00Z', '2026-06-11T10:00:00Z', '86400', '2026-06-10 10:00:00'],
    'a day ahead, and nobody knew' => ['2026-06-11T12:00:00Z', '2026-06-11T10:00:00Z', null, '2026-06-10 10:00:00'],
    'a day behind' => ['2026-06-09T12:00:00Z', '2026-06-09T11:30:00Z', '-86400', '2026-06-10 11:30:00'],
    'three minutes ahead' => ['2026-06-10T12:03:00Z', '2026-06-10T11:03:00Z', null, '2026-06-10 11:00:00'],
    'a day ahead, set right before it was sent' => ['2026-06-10T12:00:00Z', '2026-06-11T09:00:00Z', '86400', '2026-06-10 09:00:00'],
    'a day behind, set right before it was sent' => ['2026-06-10T12:00:00Z', '2026-06-09T09:00:00Z', '-86400', '2026-06-10 09:00:00'],
    'right when it was heard last, and a day behind since' => ['2026-06-09T12:00:00Z', '2026-06-09T11:00:00Z', null, '2026-06-10 11:00:00'],
    'right when it was heard last, and a day behind from before the act on' => ['2026-06-09T12:00:00Z', '2026-06-09T11:00:00Z', '0', '2026-06-10 11:00:00', '-86400'],
    'asleep for three hours before the act' => ['2026-06-10T12:00:00Z', '2026-06-10T11:00:00Z', '0', '2026-06-10 11:00:00', '10800'],
    'set back between, and nobody knew' => ['2026-06-10T12:00:00Z', '2026-06-10T18:00:00Z', null, '2026-06-10 12:00:00'],
    'thirty days ago' => ['2026-06-10T12:00:00Z', '2026-05-11T12:00:00Z', '0', '2026-05-11 12:00:00'],
    'across a change to summer time' => ['2026-06-10T12:00:00Z', '2026-03-29T00:30:00Z', '0', '2026-03-29 00:30:00'],
    'no hour at all' => ['yesterday', 'now', 'x', '2026-06-10 12:00:00'],
]);

it('takes an hour that was typed by a clock that is off as what was meant, and says by how much it is off', function (): void {
    $case = Notebook::case(Notebook::plant());
    $ahead = countFor($case, ['Device-Clock' => '2026-06-11T12:00:00Z'], '2026-06-11T08:00:00Z');
    expect([$ahead->status, $ahead->header('Clock-Ahead'), countedLast()])->toBe([201, '86400', '2026-06-10 08:00:00']);
    $behind = countFor($case, ['Device-Clock' => '2026-06-09T12:00:00Z'], '2026-06-09T11:00:00Z');
    expect([$behind->status, $behind->header('Clock-Ahead'), countedLast()])->toBe([201, '-86400', '2026-06-10 11:00:00']);
    // A battery that died: back at the year in which the device was made.
    countFor($case, ['Device-Clock' => '2016-01-01T01:00:00Z'], '2016-01-01T00:30:00Z');
    expect(countedLast())->toBe('2026-06-10 11:30:00');
    // Within two minutes two clocks are one, and what was typed stands.
    $same = countFor($case, ['Device-Clock' => '2026-06-10T12:01:00Z'], '2026-06-10T11:00:00Z');
    expect([$same->status, $same->header('Clock-Ahead'), countedLast()])->toBe([201, '', '2026-06-10 11:00:00']);
    // A clock that is right does not make tomorrow today.
    $tomorrow = countFor($case, ['Device-Clock' => '2026-06-10T12:00:00Z'], '2026-06-11T08:00:00Z');
    expect([$tomorrow->status, $tomorrow->text('error.path')])->toBe([422, '/countedAt']);
});

it('leaves hours alone that stand here already', function (): void {
    $case = Notebook::case(Notebook::plant());
    countFor($case, [], '2026-06-10T08:00:00Z');
    $count = Count::query()->firstOrFail();
    $body = json_encode(['basedOn' => 1, 'value' => 4, 'countedAt' => '2026-06-10T08:00:00Z'], \JSON_THROW_ON_ERROR);
    $request = Illuminate\Http\Request::create("http://127.0.0.1/api/counts/{$count->submission}", 'PUT', server: ['REMOTE_ADDR' => '127.0.0.1', 'CONTENT_TYPE' => 'application/json', 'HTTP_DEVICE_CLOCK' => '2026-06-11T12:00:00Z'], content: $body);
    expect(app(Illuminate\Contracts\Http\Kernel::class)->handle($request)->getStatusCode())->toBe(200)
        ->and(countedLast())->toBe('2026-06-10 08:00:00');
});

it('reckons the hour of an act in fractions of a second, and never after its arrival', function (): void {
    $at = static fn(string $text): DateTimeImmutable => new DateTimeImmutable($text);
    $now = $at('2026-06-10T12:00:00Z');
    $hour = ActedHour::of($now, $at('2026-06-10T12:00:00.500Z'), $at('2026-06-10T11:59:59.250Z'), null);
    expect($hour->ago)->toEqualWithDelta(1.25, 1e-6)->and($hour->ahead)->toEqualWithDelta(0.5, 1e-6)->and($hour->isOff())->toBeFalse()
        ->and(ActedHour::of($now, null, $at('2026-06-01T00:00:00Z'), 5.0)->ago)->toBe(0.0)
        ->and(ActedHour::of($now, $at('2026-06-10T12:02:00Z'), null, null)->isOff())->toBeFalse()
        ->and(ActedHour::of($now, $at('2026-06-10T12:02:01Z'), null, null)->isOff())->toBeTrue();
});
