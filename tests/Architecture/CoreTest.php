<?php

declare(strict_types=1);

/*
 * The rules and computation stand alone, and arrows run one way.
 */

arch('core names nothing of the framework, the interface or the database', function (): void {
    expect('IdleMixer\Core')->not->toUse(['Illuminate', 'App', 'Laravel', 'Carbon', 'PDO', 'Symfony', 'Database', 'Psr', 'Tests']);
});

arch('core keeps no state and reads no clock, chance or network', function (): void {
    expect(['time', 'date', 'microtime', 'rand', 'mt_rand', 'random_int', 'getenv', 'curl_init', 'fsockopen', 'env', 'config', 'app', 'now', 'dd', 'dump', 'var_dump'])
        ->not->toBeUsedIn('IdleMixer\Core');
});

arch('everything is strict', function (): void {
    expect(['IdleMixer\Core', 'App', 'Database\Demo'])->toUseStrictTypes();
});

it('marks every fault of core, so that one catch covers them all', function (): void {
    $faults = array_filter(coreFiles(), static fn(string $file): bool => preg_match('/extends \\\\\w*Exception/', (string) file_get_contents($file)) === 1);
    expect(count($faults))->toBeGreaterThan(8);
    foreach ($faults as $file) {
        expect((string) file_get_contents($file))->toContain('implements Failure');
    }
});

/** @return list<string> */
function coreFiles(): array
{
    $all = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/core/src', FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        if ($file->getExtension() === 'php') {
            $all[] = $file->getPathname();
        }
    }
    sort($all);

    return $all;
}

/** @return list<string> */
function dataFiles(): array
{
    $data = dirname(__DIR__, 2) . '/core/data';

    return array_map(strval(...), array_merge((array) glob("{$data}/*.php"), (array) glob("{$data}/lines/*.php")));
}

/** What leans on what: a module names only itself and those before it. */
const MODULES = ['Data', 'Document', 'Source', 'Quantity', 'Ingredient', 'Recipe', 'Phrase', 'Trouble', 'Mix', 'Measure', 'Vessel', 'Work', 'Emulsion', 'Plant', 'Weather', 'Schedule', 'Evidence', 'Safety', 'Leaf', 'Bench', 'Plan', 'Choice', 'WayOut', 'Wording', 'Writing', 'Batch', 'Ask'];

/** @return list<string> where a file of core names a module that stands after its own, or something outside */
function upwardArrows(string $module, string $code): array
{
    $place = array_search($module, MODULES, true);
    preg_match_all('/IdleMixer\\\\Core\\\\(\w+)\\\\/', $code, $named);

    return array_values(array_filter(array_unique($named[1]), static fn(string $other): bool => $place === false || array_search($other, MODULES, true) > $place || ! in_array($other, MODULES, true)));
}

it('has core modules lean only on what stands before them', function (): void {
    $files = coreFiles();
    expect(count($files))->toBeGreaterThan(50);
    foreach ($files as $file) {
        $module = basename(dirname($file));
        if ($module !== 'src') {
            expect(upwardArrows($module, (string) file_get_contents($file)))->toBe([], $file);
        }
    }
});

it('would notice an arrow that runs the wrong way', function (): void {
    expect(upwardArrows('Quantity', 'use IdleMixer\Core\Plan\Planner;'))->toBe(['Plan'])
        ->and(upwardArrows('Plan', 'use IdleMixer\Core\Quantity\Unit;'))->toBe([])
        ->and(upwardArrows('Mix', 'use IdleMixer\Core\Utils\Thing;'))->toBe(['Utils']);
});

it('names nothing of the framework in any line of core, code or data', function (): void {
    // The arrow test reads imports; this one reads every line, so that a name in a string or a call by its full path shows, too.
    $forbidden = '/Illuminate|Laravel|Eloquent|Svelte|SQLite|\bPDO\b|\bDB::|\bCarbon\b|Symfony/';
    foreach ([...coreFiles(), ...dataFiles()] as $file) {
        expect(preg_match($forbidden, (string) file_get_contents($file)))->toBe(0, $file);
    }
    expect(preg_match($forbidden, 'use Illuminate\Support\Str;'))->toBe(1);
});

arch('controllers hold no rules of the trade', function (): void {
    expect('App\Http\Controllers')->not->toUse(['IdleMixer\Core\Safety', 'IdleMixer\Core\Evidence', 'IdleMixer\Core\Ingredient']);
});

it('closes every class of core', function (): void {
    foreach (coreFiles() as $file) {
        expect((string) file_get_contents($file))->toMatch('/^(final (readonly )?class|enum|interface) /m', $file);
    }
});
