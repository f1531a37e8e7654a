<?php

declare(strict_types=1);

use App\Http\Api\AnswerSchemas;
use App\Http\Api\ApiDocument;
use App\Http\Api\SlugLists;
use Illuminate\Routing\RedirectController;
use Illuminate\Routing\Router;
use Symfony\Component\Yaml\Yaml;

/*
 * The document of the API is written from routes, answers and declarations: php artisan mixer:describe.
 */

it('publishes the document that routes, answers and declarations give', function (): void {
    $written = Yaml::parseFile(dirname(__DIR__, 2) . '/openapi.yaml');

    expect(app(ApiDocument::class)->yaml())->toBe((string) file_get_contents(dirname(__DIR__, 2) . '/openapi.yaml'))
        ->and(is_array($written) && is_array($written['paths']) ? count($written['paths']) : 0)->toBeGreaterThan(100);
});

it('lists in every schema the ingredients, leaves and units that there are', function (string $schema): void {
    $written = (string) file_get_contents($schema);

    expect(json_decode(app(SlugLists::class)->into($written)))->toEqual(json_decode($written));
})->with(array_map(strval(...), (array) glob(dirname(__DIR__, 2) . '/schemas/*.json')));

it('refuses a route that does not say what it does', function (): void {
    // What Laravel brings itself has none.
    app(Router::class)->get('api/quiet', RedirectController::class);

    expect(static fn(): array => app(ApiDocument::class)->whole())->toThrow(LogicException::class, 'does not say what it does');
});

it('refuses an answer whose type says nothing', function (): void {
    $vague = new class ([]) {
        /** @param list<resource> $things */
        public function __construct(public array $things) {}
    };

    expect(static fn(): array => app(AnswerSchemas::class)->reference($vague::class))->toThrow(LogicException::class, 'resource');
});

it('has each call say what it does in words', function (): void {
    $document = app(ApiDocument::class)->whole();
    assert(is_array($document['paths']));
    foreach ($document['paths'] as $path => $methods) {
        assert(is_array($methods));
        foreach ($methods as $call) {
            expect(is_array($call) && is_string($call['summary']) ? strlen($call['summary']) : 0)->toBeGreaterThan(8, (string) $path);
        }
    }
});
