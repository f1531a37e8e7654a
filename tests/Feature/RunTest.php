<?php

declare(strict_types=1);

use App\Models\Round;
use App\Models\SprayerEvent;
use App\Models\WeighedRound;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'Europe/Vienna'], 'roomCelsius' => 20, 'source' => 'station']);
});

/**
 * @param array<string, mixed> $request
 *
 * @return array{Answer, list<int>, int} the run, its cases and its batch
 */
function begun(int $plants, array $request = [], string $override = 'Tested last year.'): array
{
    // A case that is none of it, so that places and rows differ.
    Notebook::case(Notebook::plant('Elsewhere'));
    $cases = array_map(static fn(int $n): int => Notebook::case(Notebook::plant("Plant {$n}")), range(1, $plants));
    $batch = Notebook::mixed(null, $request);
    $answer = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => $cases, 'override' => $override]);

    return [$answer, $cases, $batch];
}

function tapped(int $run, string $step, bool $done = true, ?string $at = null): Answer
{
    return Notebook::put("/api/runs/{$run}/steps/{$step}", ['done' => $done, ...($at === null ? [] : ['at' => $at])]);
}

it('records from the taps what was done: when, on which plant, with how much, in which weather', function (): void {
    [$run, $cases, $batch] = begun(3);
    expect($run->status)->toBe(201)->and($run->text('current'))->toBe('protect');
    $id = $run->id();
    foreach (['protect', 'knock-back', 'check', 'shake-1'] as $step) {
        tapped($id, $step);
    }
    foreach (array_keys($cases) as $n) {
        Date::setTestNow(sprintf('2026-06-01T18:%02d:00Z', 10 + 5 * $n));
        tapped($id, 'plant-' . ($n + 1));
    }
    $answer = Notebook::get("/api/runs/{$id}");
    expect($answer->text('current'))->toBe('aftercare');
    tapped($id, 'aftercare');
    tapped($id, 'wash');
    $make = $answer->number('makeMl');
    $end = Notebook::put("/api/runs/{$id}/finished", ['leftMl' => $make * 0.25, 'rest' => 'poured-away']);
    expect($end->at('current'))->toBeNull()->and($end->text('finishedAt'))->toBe('2026-06-01T18:20:00Z')
        ->and($end->number('plants.1.litres'))->toEqualWithDelta(0.75 * $make / 3000, 1e-9);
    $rounds = Round::query()->orderBy('id')->get();
    expect($rounds->map(static fn(Round $round): array => [$round->case_id, $round->batch_id, $round->sprayed_at->format('H:i'), $round->hand_work, $round->override])->all())->toBe([
        [$cases[0], $batch, '18:10', true, 'Tested last year.'],
        [$cases[1], $batch, '18:15', true, 'Tested last year.'],
        [$cases[2], $batch, '18:20', true, 'Tested last year.'],
    ])->and($rounds->map(static fn(Round $round): string => $round->weather)->first())->toContain('"teller":"station"');
    $told = Notebook::get("/api/cases/{$cases[0]}");
    expect($told->text('rounds.0.weather'))->toContain('°C')->toContain('(the simulated station)');
    expect($told->number('rounds.0.litres'))->toEqualWithDelta(0.25 * $make / 1000, 1e-9)->and(Notebook::get("/api/batches/{$batch}")->text('bottle.end'))->toBe('poured-off');
});

it('says after how long it is shaken again where there is oil in it, and nothing where all is dissolved', function (): void {
    [$oil, , $batch] = begun(1);
    [$soap] = begun(1, ['recipe' => 'plain-soap']);
    $seconds = Notebook::get("/api/batches/{$batch}")->number('plan.emulsion.reshake_seconds');
    expect($seconds)->toBeGreaterThan(0.0)->and($oil->number('reshakeSeconds'))->toBe($seconds)->and($soap->at('reshakeSeconds'))->toBeNull();
});

// By hand: twelve minutes for one plant, and four for each of three.
it('shares the minutes of a walk among its plants', function (int $plants, float $minutes): void {
    [$run, $cases] = begun($plants);
    foreach (range(1, count($cases)) as $place) {
        tapped($run->id(), "plant-{$place}");
    }
    Date::setTestNow('2026-06-01T18:12:00Z');
    expect(Notebook::put("/api/runs/{$run->id()}/finished", ['leftMl' => 0, 'rest' => 'kept'])->status)->toBe(200);
    Notebook::weighed();
    expect(WeighedRound::query()->pluck('minutes')->all())->toBe(array_fill(0, $plants, $minutes));
})->with([[1, 12.0], [3, 4.0]]);

it('makes one round of a tap that comes twice, and takes it back with the tap', function (): void {
    [$run, $cases] = begun(1);
    $id = $run->id();
    tapped($id, 'plant-1');
    tapped($id, 'plant-1');
    expect(Round::query()->count())->toBe(1);
    tapped($id, 'plant-1', false);
    expect(Round::query()->count())->toBe(0)->and(Notebook::get("/api/runs/{$id}")->at('plants.0.sprayedAt'))->toBeNull();
    tapped($id, 'plant-1');
    expect(Round::query()->count())->toBe(1)->and(Round::query()->withoutGlobalScopes()->count())->toBe(1);
});

it('keeps the time of a tap that arrives late, and goes on after a pause', function (): void {
    [$run, $cases] = begun(2);
    $id = $run->id();
    Date::setTestNow('2026-06-01T19:00:00Z');
    tapped($id, 'plant-1', true, '2026-06-01T18:30:00Z');
    expect(Round::query()->first()?->sprayed_at->format('H:i'))->toBe('18:30');
    expect(Notebook::put("/api/runs/{$id}/paused", ['paused' => true])->text('pausedAt'))->toBe('2026-06-01T19:00:00Z')
        ->and(Notebook::get('/api/runs')->list('runs'))->toHaveCount(1)
        // What was tapped before the pause and comes after it does not end it.
        ->and(tapped($id, 'knock-back', true, '2026-06-01T18:59:00Z')->text('pausedAt'))->toBe('2026-06-01T19:00:00Z')
        ->and(tapped($id, 'protect')->at('pausedAt'))->toBeNull()
        ->and(tapped($id, 'protect', true, '2026-05-01T18:30:00Z')->status)->toBe(422);
});

it('fills the second load where the first ran empty', function (): void {
    [$run, $cases] = begun(2, ['recipe' => 'mild-soap', 'make' => ['amount' => 2, 'unit' => 'L'], 'sprayer' => ['amount' => 1, 'unit' => 'L']]);
    $id = $run->id();
    foreach (['protect', 'knock-back', 'check', 'shake-1', 'plant-1'] as $step) {
        tapped($id, $step);
    }
    $answer = Notebook::get("/api/runs/{$id}");
    expect($answer->text('emptyKey'))->toBe('empty-1-2');
    $answer = tapped($id, 'empty-1-2');
    expect($answer->text('current'))->toBe('fill-2')->and($answer->text('steps.5.more'))->toContain('dish detergent')->and($answer->at('emptyKey'))->toBeNull()
        ->and(tapped($id, 'fill-2')->text('current'))->toBe('shake-2')
        ->and(tapped($id, 'shake-2')->text('current'))->toBe('plant-2');
});

it('washes the sprayer with a tap, and takes it back with it', function (): void {
    $sprayer = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Small can', 'holds' => ['amount' => 1, 'unit' => 'L']])->id();
    $case = Notebook::case(Notebook::plant('Plant'));
    $started = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'sprayerId' => $sprayer, 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]]]);
    Notebook::tickAll($started);
    $batch = Notebook::post("/api/batches/{$started->id()}/finish", ['standTest' => 'even'])->id();
    $id = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case], 'override' => 'x'])->id();
    foreach ([[true, 1], [true, 1], [false, 0], [true, 1]] as [$done, $washed]) {
        tapped($id, 'wash', $done);
        expect(SprayerEvent::query()->where('sprayer_id', $sprayer)->where('run_id', $id)->count())->toBe($washed);
    }
    expect(SprayerEvent::query()->withoutGlobalScopes()->count())->toBe(1);
});

it('puts on the label what concerns the bottle, as it was said when it was mixed', function (): void {
    $told = Notebook::get('/api/batches/' . Notebook::mixed(null, ['recipe' => 'mild-soap']))->list('labelCautions');
    $text = implode(' ', array_filter($told, is_string(...)));
    expect($text)->toContain('bleach');
    expect($text)->not->toContain('flowers');
    expect($text)->not->toContain('local rules');
});

it('asks for a reason where a plant has no proof, and for a batch that can be sprayed', function (): void {
    [$run] = begun(1, [], '');
    expect($run->status)->toBe(422)->and($run->text('error.message'))->toContain('Plant 1')->toContain('say why');
    $case = Notebook::case(Notebook::plant('Late'));
    $post = static fn(array $body): Answer => Notebook::post('/api/runs', json_encode(['submission' => Notebook::submission(), 'override' => 'x', ...$body], \JSON_THROW_ON_ERROR));
    $batch = Notebook::mixed();
    expect($post(['batchId' => 999, 'caseIds' => [$case]])->text('error.path'))->toBe('/batchId')
        ->and($post(['batchId' => Notebook::batch()->id(), 'caseIds' => [$case]])->text('error.message'))->toContain('not mixed yet')
        ->and($post(['batchId' => $batch, 'caseIds' => []])->text('error.path'))->toBe('/caseIds')
        ->and($post(['batchId' => $batch, 'caseIds' => [$case, $case]])->text('error.message'))->toContain('twice');
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect($post(['batchId' => $batch, 'caseIds' => [$case]])->text('error.message'))->toContain('thrown away');
});

it('refuses a step that is none, and more left than was mixed', function (): void {
    [$run, $cases] = begun(1);
    $id = $run->id();
    expect(tapped($id, 'dance')->status)->toBe(422)
        ->and(tapped($id, 'empty-1-1')->status)->toBe(422)
        ->and(tapped($id, 'fill-9')->text('error.message'))->toContain('fill-9')
        ->and(Notebook::put("/api/runs/{$id}/finished", ['leftMl' => 1e300, 'rest' => 'kept'])->text('error.path'))->toBe('/leftMl')
        ->and(Notebook::put("/api/runs/{$id}/finished", ['leftMl' => $run->number('makeMl') + 1, 'rest' => 'kept'])->text('error.path'))->toBe('/leftMl')
        ->and(Notebook::get('/api/runs/99')->status)->toBe(404);
});

it('says before it is sprayed how long ago it was mixed', function (): void {
    [$run] = begun(1);
    $check = static function () use ($run): string {
        $steps = array_column(array_filter(Notebook::get("/api/runs/{$run->id()}")->list('steps'), is_array(...)), 'more', 'key');

        return is_string($steps['check'] ?? null) ? $steps['check'] : '';
    };
    expect($check())->toContain('mixed 0 minutes ago');
    Date::setTestNow('2026-06-01T19:30:00Z');
    expect($check())->toContain('mixed 90 minutes ago');
    Date::setTestNow('2026-06-01T23:00:00Z');
    expect($check())->toContain('mixed 5 hours ago');
});

// Common practice, no source: mild soap is left on for 20 minutes and rinsed off; what a recipe of one's own says of it holds, and what it does
// not say is as with what it is most like.
it('waits as long as the school of the recipe has it, and as a recipe of one’s own says', function (): void {
    [$run] = begun(1, ['recipe' => 'mild-soap']);
    $steps = $run->list('steps');
    expect(array_column($steps, 'minutes', 'key'))->toHaveKey('soak', 20);
    $shipped = (array) json_decode(RecipeCatalogue::shipped()->document('mild-soap'), true);
    [$alike] = begun(1, ['recipe' => [...$shipped, 'slug' => 'own-soap', 'name' => 'Own soap']]);
    expect(array_column($alike->list('steps'), 'minutes', 'key'))->toHaveKey('soak', 20);
    $method = ['soakMinutes' => 12, 'brush' => true, 'secondSoakMinutes' => 5, 'rinse' => 'after-soak', 'after' => ['clean-pot']];
    [$own] = begun(1, ['recipe' => [...$shipped, 'version' => 2, 'slug' => 'own-soap', 'name' => 'Own soap', 'method' => $method]]);
    expect(array_slice(array_column($own->list('steps'), 'key'), -7, 5))->toBe(['soak', 'brush', 'second-soak', 'rinse', 'aftercare'])
        ->and(array_column($own->list('steps'), 'minutes', 'key'))->toHaveKey('soak', 12)->toHaveKey('second-soak', 5);
    [$left] = begun(1, ['recipe' => [...$shipped, 'version' => 2, 'slug' => 'own-soap', 'name' => 'Own soap', 'method' => ['soakMinutes' => null, 'rinse' => 'no']]]);
    expect(array_filter(array_column($left->list('steps'), 'key'), static fn(mixed $key): bool => in_array($key, ['soak', 'rinse'], true)))->toBe([]);
});
