<?php

declare(strict_types=1);

use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Plant;
use Illuminate\Support\Facades\Schema;
use Tests\Feature\Contract;
use Tests\Feature\Notebook;

/** @return array<string, mixed> */
function newPlant(): array
{
    return ['submission' => Notebook::submission(), 'name' => 'Zinnia', 'tolerance' => 'ordinary-leaf'];
}

it('says what is wrong, where and what would be right, and keeps nothing', function (string $key, mixed $value, string $path, string $said): void {
    $answer = Notebook::post('/api/plants', [...newPlant(), $key => $value]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe($path)->and($answer->text('error.message'))->toContain($said)
        ->and(Plant::query()->count())->toBe(0);
})->with([
    ['name', '', '/name', 'Between 1 and 200'],
    ['name', str_repeat('x', 201), '/name', 'found 201'],
    ['name', 7, '/name', 'Expected text'],
    ['tolerance', 'steel', '/tolerance', 'known are ordinary-leaf'],
    ['submission', 'again', '/submission', 'UUID'],
    ['colour', 'red', '/colour', 'no key'],
]);

it('refuses bad counts', function (mixed $value, string $said): void {
    $case = Notebook::case(Notebook::plant());
    $answer = Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => $value]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe('/value')->and($answer->text('error.message'))->toContain($said);
})->with([[-1, 'from 0 to'], [1e300, 'from 0 to'], ['12', 'not in quotes'], [null, 'finite number'], [[], 'finite number']]);

it('refuses what has not happened yet, or cannot have', function (string $at): void {
    $case = Notebook::case(Notebook::plant());
    $answer = Notebook::post("/api/cases/{$case}/counts", ['submission' => Notebook::submission(), 'value' => 1, 'countedAt' => $at]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe('/countedAt');
})->with(['2999-01-01T00:00:00Z', '1999-12-31T00:00:00Z', 'yesterday', '2026-02-30T00:00:00Z']);

it('refuses to refer to what is not there', function (): void {
    $case = Notebook::post('/api/cases', ['submission' => Notebook::submission(), 'plantId' => 99, 'pest' => 'aphids']);
    expect($case->text('error.path'))->toBe('/plantId')->and($case->text('error.message'))->toContain('no plant 99');
    $batch = Notebook::batch();
    $early = Notebook::post('/api/leaf-tests', ['submission' => Notebook::submission(), 'batchId' => $batch->id(), 'plantId' => Notebook::plant(), 'leaves' => 2, 'controls' => false]);
    expect($early->text('error.path'))->toBe('/batchId')->and($early->text('error.message'))->toContain('not mixed yet');
});

it('answers in JSON for what is not there', function (string $method, string $path): void {
    $answer = $method === 'get' ? Notebook::get($path) : Notebook::put($path, ['retired' => true, 'discarded' => true, 'closed' => true]);

    expect($answer->status)->toBe(404)->and($answer->text('error.message'))->not->toBe('');
})->with([['get', '/api/batches/7'], ['get', '/api/cases/7'], ['get', '/api/leaf-tests/7'], ['get', '/api/recipes/nothing'], ['get', '/api/nothing'], ['get', '/api/batches/seven'], ['put', '/api/plants/7/retired']]);

it('takes JSON and nothing else', function (): void {
    $answer = Notebook::post('/api/plan', 'recipe=mild-soap', ['CONTENT_TYPE' => 'application/x-www-form-urlencoded']);
    expect($answer->status)->toBe(415)
        ->and(Notebook::post('/api/plan', '')->text('error.message'))->toContain('empty')
        ->and(Notebook::post('/api/plan', '{')->text('error.message'))->toContain('not JSON')
        ->and(Notebook::post('/api/plan', '"' . str_repeat('a', 1_000_001) . '"')->text('error.message'))->toContain('1 MB');
});

it('limits a batch to what one person ticks off', function (): void {
    $answer = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 101, 'unit' => 'L'], 'sprayer' => ['amount' => 1, 'unit' => 'L']]]]);

    expect($answer->status)->toBe(422)->and($answer->text('error.path'))->toBe('/bench/request/make/amount')->and(Batch::query()->count())->toBe(0);
});

it('points into the request it was given, inside a batch too', function (): void {
    $answer = Notebook::post('/api/batches', ['submission' => Notebook::submission(), 'bench' => ['request' => ['recipe' => 'mild-soap', 'make' => ['amount' => 0, 'unit' => 'L']]]]);

    expect($answer->text('error.path'))->toBe('/bench/request/make/amount');
});

it('says so, and shows nothing of its inside, when it breaks', function (): void {
    Schema::drop('counts');
    Notebook::plant();
    $request = Illuminate\Http\Request::create('http://127.0.0.1/api/cases', 'GET', server: ['REMOTE_ADDR' => '127.0.0.1']);
    PestCase::query()->create(['submission' => Notebook::submission(), 'plant_id' => 1, 'pest' => 'aphids', 'opened_at' => now()]);
    $response = app(Illuminate\Contracts\Http\Kernel::class)->handle($request);

    expect($response->getStatusCode())->toBe(500)->and((string) $response->getContent())->toContain('written to the log')
        ->and((string) $response->getContent())->not->toContain('SQL', 'vendor', 'counts');
});

it('documents every route that there is, and no other', function (): void {
    $routes = [];
    foreach (app(Illuminate\Routing\Router::class)->getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/')) {
            foreach ($route->methods() as $method) {
                $routes[] = is_string($method) && $method !== 'HEAD' ? strtolower($method) . ' /' . $route->uri() : '';
            }
        }
    }

    expect(array_values(array_filter($routes, static fn(string $route): bool => $route !== '')))->toEqualCanonicalizing(array_map(static fn(array $operation): string => implode(' ', $operation), Contract::operations()));
});
