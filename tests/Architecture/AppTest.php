<?php

declare(strict_types=1);

use Tests\Architecture\Sources;

/*
 * The application runs one way: Http, with its input and answers, to Records to Models to Declared to core.
 */

/** What a folder of app may name of the others, itself included. */
const APP_WAYS = [
    'Declared' => ['Declared'],
    'Models' => ['Models', 'Declared'],
    'Records' => ['Records', 'Models', 'Declared'],
    'Notebook' => ['Notebook'],
    'Http' => ['Http', 'Records', 'Models', 'Declared', 'Notebook', 'Devices', 'Passphrase'],
    'Console' => ['Console', 'Records', 'Models', 'Declared', 'Notebook', 'Passphrase'],
    'Devices' => ['Devices'],
];

/** @return list<string> what a file of a folder names that it may not */
function wrongWays(string $folder, string $code): array
{
    preg_match_all('/\bApp\\\\(\w+)/', $code, $named);

    return array_values(array_diff(array_unique($named[1]), APP_WAYS[$folder] ?? []));
}

it('runs one way, and no folder stands outside', function (): void {
    $app = dirname(__DIR__, 2) . '/app';
    $seen = 0;
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($app, FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        $folder = explode('/', substr($file->getPathname(), strlen($app) + 1))[0];
        // What wires all of it together names all of it; the two single files name nothing.
        if ($folder !== 'Providers' && is_dir("{$app}/{$folder}")) {
            expect(wrongWays($folder, (string) file_get_contents($file->getPathname())))->toBe([], $file->getPathname());
            ++$seen;
        }
    }
    expect($seen)->toBeGreaterThan(100);
});

it('would notice a record that knows of a call', function (): void {
    expect(wrongWays('Records', 'use App\Http\RefusedCall;'))->toBe(['Http'])
        ->and(wrongWays('Models', 'use App\Records\BatchBook;'))->toBe(['Records'])
        ->and(wrongWays('Http', 'use App\Records\BatchBook; use App\Models\Batch;'))->toBe([])
        ->and(wrongWays('Somewhere', 'use App\Models\Batch;'))->toBe(['Models']);
});

it('has models and records know nothing of requests, responses and routes', function (): void {
    foreach (['Models', 'Records'] as $folder) {
        foreach ((array) glob(dirname(__DIR__, 2) . "/app/{$folder}/*.php") as $file) {
            expect(preg_match('/Illuminate\\\\(Http|Routing)|HttpException|\b(request|response|abort)\(/', (string) file_get_contents((string) $file)))->toBe(0, (string) $file);
        }
    }
});

it('tests the order of modules that the README tells', function (): void {
    preg_match('/^Modules of core, each leaning only on those before it: (.+?)\.$/ms', (string) file_get_contents(dirname(__DIR__, 2) . '/README.md'), $told);
    expect(preg_split('/,\s+/', str_replace('`', '', $told[1] ?? '')))->toBe(Sources::MODULES);
});
