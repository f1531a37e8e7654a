<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Answer;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

function aCan(): int
{
    return Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id();
}

/** Its memory, as the list of sprayers tells it; empty where nothing speaks against filling it. */
function memoryOf(int $sprayer): string
{
    foreach (Notebook::get('/api/sprayers')->list('sprayers') as $one) {
        if (is_array($one) && $one['id'] === $sprayer) {
            return is_array($one['memory']) && is_string($one['memory']['code']) ? $one['memory']['code'] : '';
        }
    }

    return 'no such sprayer';
}

function mixedIn(int $sprayer): int
{
    $batch = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 1, 'unit' => 'L']]], 'sprayerId' => $sprayer]);
    Notebook::tickAll($batch);
    expect(Notebook::post("/api/batches/{$batch->id()}/finish", ['standTest' => 'even', 'keeping' => 'strict', 'notes' => '', 'rest' => 'kept'])->status)->toBe(200);

    return $batch->id();
}

function happened(int $sprayer, string $kind): Answer
{
    return Notebook::post("/api/sprayers/{$sprayer}/events", ['submission' => Notebook::submission(), 'kind' => $kind]);
}

// Common practice, no source: what is topped up over a rest is unknown; wash between sprays; weed killer once, never again.
it('remembers what was mixed in a sprayer, until it is said to be washed', function (): void {
    $sprayer = aCan();
    expect(memoryOf($sprayer))->toBe('');
    $batch = mixedIn($sprayer);
    expect(memoryOf($sprayer))->toBe('rest');
    Date::setTestNow('2026-06-01T19:00:00Z');
    Notebook::put("/api/batches/{$batch}/discarded", ['discarded' => true]);
    expect(memoryOf($sprayer))->toBe('unwashed');
    Date::setTestNow('2026-06-01T19:05:00Z');
    $washed = happened($sprayer, 'washed');
    expect(memoryOf($sprayer))->toBe('');
    Notebook::put("/api/sprayer-events/{$washed->id('saved.id')}/taken-back", ['basedOn' => 1, 'takenBack' => true]);
    expect(memoryOf($sprayer))->toBe('unwashed');
    Date::setTestNow('2026-06-01T19:10:00Z');
    happened($sprayer, 'weed-killer');
    Date::setTestNow('2026-06-01T19:15:00Z');
    happened($sprayer, 'washed');
    expect(memoryOf($sprayer))->toBe('weed-killer')
        ->and(happened($sprayer, 'painted')->text('error.path'))->toBe('/kind')
        ->and(happened(99, 'washed')->status)->toBe(404);
});

it('takes the wash of a walk through the bed for a wash', function (): void {
    $sprayer = aCan();
    $batch = mixedIn($sprayer);
    $case = Notebook::case(Notebook::plant());
    Date::setTestNow('2026-06-01T19:00:00Z');
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case], 'override' => 'x'])->id();
    Notebook::put("/api/runs/{$run}/steps/wash", ['done' => true]);
    expect(memoryOf($sprayer))->toBe('');
    Notebook::put("/api/runs/{$run}/steps/wash", ['done' => false]);
    expect(memoryOf($sprayer))->toBe('rest');
});

it('says what is left of a batch, until when, and on which plants it may go', function (): void {
    $case = Notebook::case(Notebook::plant('Zinnia'));
    Notebook::plant('Lamb’s ear', 'hairy-leaf');
    Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Fern', 'tolerance' => 'ordinary-leaf', 'bearsNoOil' => true]);
    $batch = Notebook::mixed($case, ['recipe' => 'castile-and-kitchen-oil', 'make' => ['amount' => 1, 'unit' => 'L']]);
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case], 'override' => 'x']);
    Notebook::put("/api/runs/{$run->id()}/steps/plant-{$case}", ['done' => true]);
    Notebook::put("/api/runs/{$run->id()}/finished", ['leftMl' => 250, 'rest' => 'kept']);
    $rest = Notebook::get("/api/batches/{$batch}/rest");
    $levels = array_column($rest->list('plants'), 'level', 'name');
    // 2.8 % of kitchen oil: more than a hairy leaf (1.5 %) and any kind that bears no oil can take (common practice, no source).
    expect($rest->number('leftMl'))->toEqualWithDelta(250.0, 1e-6)
        ->and($levels['Lamb’s ear'])->toBe('stop')->and($levels['Fern'])->toBe('stop')->and($levels['Zinnia'])->not->toBe('stop')
        ->and($rest->text('where'))->toContain('drain')->toContain('fish')
        ->and(Notebook::get('/api/batches/99/rest')->status)->toBe(404)
        ->and(Notebook::get('/api/cases')->number('cases.0.lastLitres'))->toEqualWithDelta(0.75, 1e-9);
});

// Common practice, no source: a real shower washes soap off; spray again once it is dry.
it('moves the next round up when rain washed the last one off, and says so', function (): void {
    $garden = ['place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 20, 'source' => 'file'];
    Notebook::put('/api/garden', ['basedOn' => 0, ...$garden]);
    $rows = "at,temperature_C,humidity_percent,wind_kmh,rain_mm,cloud_percent\n";
    for ($hour = 0; $hour < 96; ++$hour) {
        $at = (new DateTimeImmutable('2026-06-01T12:00:00Z'))->modify("+{$hour} hours")->format('Y-m-d\TH:i:s\Z');
        $rows .= "{$at},18,65,5," . ($hour === 8 ? '6' : '0') . ",80\n";
    }
    Notebook::post('/api/weather/files', ['submission' => Notebook::submission(), 'name' => 'rain.csv', 'content' => $rows]);
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'x']);
    $next = static fn(): array => array_merge(...array_values(array_filter(Notebook::get('/api/today?zone=UTC')->list('tasks'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === 'next-round')));
    // Soap every five days, a day later where it is cooler than the days are told for.
    expect($next()['dueAt'])->toBe('2026-06-07T18:00:00Z');
    Date::setTestNow('2026-06-02T08:00:00Z');
    $moved = $next();
    expect($moved['plannedAt'])->toBe('2026-06-06T18:00:00Z')->and($moved['dueAt'] < '2026-06-03')->toBeTrue()
        ->and(json_encode($moved['moves'], \JSON_THROW_ON_ERROR))->toContain('washed the last round off');
});
