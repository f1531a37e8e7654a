<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Date;
use Tests\Feature\Notebook;

beforeEach(function (): void {
    Date::setTestNow('2026-06-01T18:00:00Z');
});

/** @return array<array-key, mixed> the first entry of that kind that is still to come */
function comingEntry(int $case, string $kind): array
{
    return array_merge(...array_slice(array_values(array_filter(Notebook::get("/api/cases/{$case}/ahead")->list('ahead.entries'), static fn(mixed $one): bool => is_array($one) && $one['kind'] === $kind && $one['done'] === false)), 0, 1));
}

it('has no programme before the first round, and none of a case that is none', function (): void {
    $case = Notebook::case(Notebook::plant());
    expect(Notebook::get("/api/cases/{$case}/ahead")->at('ahead'))->toBeNull()->and(Notebook::get('/api/cases/99/ahead')->status)->toBe(404);
});

// Common practice, no source: neem a week after alcohol and soap, alcohol and soap ten days after the neem; eggs of mealybugs hatch
// for up to 45 days in the cold, within 10 in a warm room.
it('goes on from the rounds that were had, at the temperature of the place', function (): void {
    Notebook::put('/api/garden', ['basedOn' => 0, 'place' => ['latitude' => 47.3, 'longitude' => 9.9, 'zone' => 'UTC'], 'roomCelsius' => 12, 'source' => 'station']);
    $plant = Notebook::post('/api/plants', ['submission' => Notebook::submission(), 'name' => 'Orchid', 'tolerance' => 'tough-leaf', 'indoors' => true])->id();
    $case = Notebook::case($plant, 'mealybugs');
    $spray = static function (string $recipe) use ($case): void {
        $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
        expect(Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'x'])->status)->toBe(201);
    };
    $spray('soap-and-alcohol-by-eye');
    Date::setTestNow('2026-06-08T18:00:00Z');
    $spray('neem-leaf-quart');
    Date::setTestNow('2026-06-09T18:00:00Z');
    $told = Notebook::get("/api/cases/{$case}/ahead");
    expect($told->text('ahead.spray'))->toBe('Soap and alcohol, by eye, then Neem leaf spray')
        ->and($told->number('ahead.celsius'))->toBe(12.0)
        ->and(comingEntry($case, 'round')['on'])->toBe('2026-06-18')
        ->and(comingEntry($case, 'round')['spray'])->toBe('Soap and alcohol, by eye')
        ->and($told->list('ahead.gaps'))->toBe([])
        // Day 8 to day 45 after the first of June.
        ->and([$told->text('ahead.stopped.0.from'), $told->text('ahead.stopped.0.to')])->toBe(['2026-06-09', '2026-07-16']);
});

it('counts what a plant took, and offers it for the next', function (): void {
    $case = Notebook::case(Notebook::plant());
    expect(Notebook::get('/api/cases')->at('cases.0.lastLitres'))->toBeNull();
    $batch = Notebook::mixed($case, ['recipe' => 'plain-soap', 'make' => ['amount' => 2, 'unit' => 'L']]);
    $run = Notebook::post('/api/runs', ['submission' => Notebook::submission(), 'batchId' => $batch, 'caseIds' => [$case], 'override' => 'x'])->id();
    Notebook::put("/api/runs/{$run}/steps/plant-{$case}", ['done' => true]);
    Notebook::put("/api/runs/{$run}/finished", ['leftMl' => 500, 'rest' => 'poured-away']);
    expect(Notebook::get('/api/cases')->number('cases.0.lastLitres'))->toEqualWithDelta(1.5, 1e-9)
        ->and(Notebook::get("/api/cases/{$case}")->number('rounds.0.litres'))->toEqualWithDelta(1.5, 1e-9);
});

it('tells every move and every event of a sprayer with its history', function (): void {
    $case = Notebook::case(Notebook::plant());
    $move = Notebook::post('/api/moves', ['submission' => Notebook::submission(), 'kind' => 'first-round', 'ref' => $case, 'plannedAt' => '2026-06-01T18:00:00Z', 'to' => '2026-06-02T18:00:00Z', 'reason' => 'Visitors'])->id('saved.id');
    $sprayer = Notebook::post('/api/sprayers', ['submission' => Notebook::submission(), 'name' => 'Can', 'holds' => ['amount' => 2, 'unit' => 'L']])->id();
    $event = Notebook::post("/api/sprayers/{$sprayer}/events", ['submission' => Notebook::submission(), 'kind' => 'washed'])->id('saved.id');
    foreach (["/api/moves/{$move}", "/api/sprayer-events/{$event}"] as $record) {
        expect(Notebook::put("{$record}/taken-back", ['basedOn' => 1, 'takenBack' => true])->status)->toBe(200)
            ->and(Notebook::get("{$record}/history")->status)->toBe(200)
            ->and(Notebook::get("{$record}/history")->list('changes'))->toHaveCount(1)
            ->and(Notebook::put("{$record}/taken-back", ['basedOn' => 1, 'takenBack' => false])->status)->toBe(409)
            ->and(Notebook::put("{$record}/taken-back", ['basedOn' => 2, 'takenBack' => false])->status)->toBe(200);
    }
});

// Common practice, no source: soap every seven days when it is light, every five, every four when it is bad; neem weekly, and every four.
it('comes back the sooner the worse it is, by the last count, and by what was said where nobody counted', function (string $recipe, array $days): void {
    $case = Notebook::case(Notebook::plant());
    $batch = Notebook::mixed($case, ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
    Notebook::post("/api/cases/{$case}/rounds", ['submission' => Notebook::submission(), 'batchId' => $batch, 'override' => 'x']);
    $next = static fn(): int => (int) (new DateTimeImmutable('2026-06-01'))->diff(new DateTimeImmutable(substr(array_values(array_filter(array_map(static fn(mixed $one): string => is_array($one) && $one['kind'] === 'next-round' && is_string($one['plannedAt']) ? $one['plannedAt'] : '', Notebook::get("/api/cases/{$case}")->list('next')), static fn(string $at): bool => $at !== ''))[0] ?? '', 0, 10)))->format('%a');
    $said = Notebook::get("/api/cases/{$case}")->at('situation');
    assert(is_array($said));
    $got = [];
    foreach (['light', 'moderate', 'heavy'] as $severity) {
        Notebook::post("/api/cases/{$case}/choice", json_encode([...$said, 'severity' => $severity], \JSON_THROW_ON_ERROR));
        $got[] = $next();
    }
    expect($got)->toBe($days);
    $got = [];
    foreach ([4, 40, 400] as $counted) {
        Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => $counted]);
        $got[] = $next();
    }
    expect($got)->toBe($days);
})->with([['plain-soap', [7, 5, 4]], ['neem-leaf-quart', [7, 7, 4]], ['egg-and-oil-milk', [7, 5, 5]]]);
