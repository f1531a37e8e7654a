<?php

declare(strict_types=1);

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;
use Tests\Architecture\SaidIn;
use Tests\Architecture\Sources;

/*
 * Sentences stand in core/words, a folder a language, and nowhere else: what is shown is named by its key.
 */

/** What speaks to those who write programs or docs, not to gardeners. */
const NOT_FOR_GARDENERS = [
    // openapi.yaml, docs/log.md and the schema of the log are written from these.
    'app/Http/Api/', 'app/Declared/NotCarried.php', 'app/Declared/LogSchema.php', 'app/Declared/Reckoned.php', 'app/Declared/Record.php', 'app/Declared/Values/Codes.php', 'app/Declared/Values/WeatherKept.php',
    'app/Declared/Kept/BurnPhotos.php', 'app/Declared/Kept/Cases.php', 'app/Declared/Kept/Gardens.php', 'app/Declared/Kept/LeafPhotos.php', 'app/Declared/Kept/PlantPictures.php',
    // Requests that are sent once so that the server knows its files.
    'app/Console/PreloadListCommand.php',
    // What PHP, SQLite and the operating system say.
    'app/Notebook/Files.php', 'app/Notebook/Sqlite.php',
    // That words are missing cannot be said in words.
    'core/src/Words/MissingWords.php',
    // The head of a HTML page.
    'app/Http/StoryPage.php',
];

/** @return array<string, SaidIn> by file, from the root of the project */
function saidInProduct(): array
{
    $root = dirname(__DIR__, 2);
    $all = [];
    foreach ([...Sources::core(), ...Sources::app()] as $file) {
        $all[substr($file, strlen($root) + 1)] = SaidIn::code((string) file_get_contents($file));
    }

    return $all;
}

/** @return list<string> areas of sentences, as `Say` calls them */
function areasOfWords(): array
{
    $folder = dirname(__DIR__, 2) . '/core/words/en/';
    $files = array_map(strval(...), array_merge((array) glob("{$folder}*.php"), (array) glob("{$folder}*/*.php")));

    return array_map(static fn(string $file): string => substr($file, strlen($folder), -strlen('.php')), $files);
}

it('has a sentence for each key that the product names, and every argument of it is given', function (): void {
    $product = saidInProduct();
    $faults = [];
    foreach ($product as $file => $said) {
        foreach ($said->calls as [$key, $given, $line]) {
            try {
                $wanted = SaidIn::arguments(Say::it($key));
            } catch (MissingWords) {
                $faults[] = "{$file}:{$line} there is no sentence {$key}";
                continue;
            }
            // What was found stands in a document, and is put in where the fault is made; others are put in a line below.
            $later = array_filter(array_diff($wanted, $given, ['found']), static fn(string $name): bool => ! in_array('{' . $name . '}', $said->texts, true));
            foreach ([...array_map(static fn(string $name): string => "{$name} is not given", array_values($later)), ...array_map(static fn(string $name): string => "{$name} is not said", array_values(array_diff($given, $wanted)))] as $fault) {
                $faults[] = "{$file}:{$line} {$key}: {$fault}";
            }
        }
    }
    expect($faults)->toBe([])
        ->and(count(array_merge(...array_map(static fn(SaidIn $said): array => $said->calls, array_values($product)))))->toBeGreaterThan(500);
});

it('has no sentence that nobody says', function (): void {
    $product = saidInProduct();
    $named = array_merge(...array_map(static fn(SaidIn $said): array => array_column($said->calls, 0), array_values($product)));
    $whole = array_merge(...array_map(static fn(SaidIn $said): array => $said->areas, array_values($product)));
    $unsaid = [];
    foreach (array_diff(areasOfWords(), $whole) as $area) {
        // What a thing is called stands in a file of its own, and there is a thing for it.
        if (is_file(dirname(__DIR__, 2) . "/core/data/{$area}.php")) {
            continue;
        }
        foreach (array_keys(Say::words($area)) as $entry) {
            if (! in_array("{$area}/{$entry}", $named, true)) {
                $unsaid[] = "{$area}/{$entry}";
            }
        }
    }
    expect($unsaid)->toBe([]);
});

it('has no sentence in a rule, a reader, a controller or an answer', function (): void {
    $found = [];
    foreach (saidInProduct() as $file => $said) {
        if (array_filter(NOT_FOR_GARDENERS, static fn(string $exempt): bool => str_starts_with($file, $exempt)) === []) {
            foreach ($said->sentences as [$text, $line]) {
                $found[] = "{$file}:{$line} {$text}";
            }
        }
    }
    expect($found)->toBe([]);
});

it('would notice a sentence in code, and tells it from SQL, patterns and styles', function (string $code, int $sentences): void {
    expect(SaidIn::code("<?php {$code};")->sentences)->toHaveCount($sentences);
})->with([
    ['throw new Fault("Too much oil.")', 1],
    ['$words = "Take {$n} spoons of it, and " . $more', 1],
    ['sprintf("%s is no known plant", $slug)', 1],
    ['DB::select("select id from cases where closed_at is null")', 0],
    ['$at->modify("+{$days} days")', 0],
    ['preg_match("/one two/", $text)', 0],
    ['$code = "oil-on-bloom"', 0],
    ['Say::it("verdicts/oil-ok")', 0],
]);
