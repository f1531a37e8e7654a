<?php

declare(strict_types=1);

use Tests\Architecture\Sources;

/*
 * The rules and computation stand alone, and arrows run one way.
 */

/** @return list<string> names with a namespace, in code, that are neither of core nor of PHP itself */
function foreignNames(string $code): array
{
    $names = array_map(static fn(PhpToken $token): string => ltrim($token->text, '\\'), array_filter(PhpToken::tokenize($code), static fn(PhpToken $token): bool => $token->is([\T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED])));

    // A name without a namespace is one of PHP, or of the folder it stands in.
    return array_values(array_unique(array_filter($names, static fn(string $name): bool => str_contains($name, '\\') && ! str_starts_with("{$name}\\", 'IdleMixer\Core\\'))));
}

it('names nothing in core but core and PHP itself', function (): void {
    foreach (Sources::core() as $file) {
        expect(array_diff(foreignNames((string) file_get_contents($file)), ['Random\Randomizer', 'Random\Engine\Mt19937']))->toBe([], $file);
        expect((string) file_get_contents($file))->not->toContain('IdleMixer\Core\Tests');
    }
    expect(foreignNames('<?php use Illuminate\Support\Str; use IdleMixer\Core\Plan\Plan; new \PDO("x"); new \Carbon\Carbon();'))->toBe(['Illuminate\Support\Str', 'Carbon\Carbon']);
});

it('names no database in core', function (): void {
    foreach (Sources::core() as $file) {
        expect(preg_match('/\b(PDO|SQLite3|mysqli)\b/', (string) file_get_contents($file)))->toBe(0, $file);
    }
});

arch('core keeps no state and reads no clock, chance or network', function (): void {
    expect(['time', 'date', 'microtime', 'rand', 'mt_rand', 'random_int', 'getenv', 'curl_init', 'fsockopen', 'env', 'config', 'app', 'now', 'dd', 'dump', 'var_dump'])
        ->not->toBeUsedIn('IdleMixer\Core');
});

arch('everything is strict', function (): void {
    expect(['IdleMixer\Core', 'App', 'Database\Demo'])->toUseStrictTypes();
});

it('marks every fault of core, so that one catch covers them all', function (): void {
    $faults = array_filter(Sources::core(), static fn(string $file): bool => preg_match('/extends \\\\\w*Exception/', (string) file_get_contents($file)) === 1);
    expect(count($faults))->toBeGreaterThan(8);
    foreach ($faults as $file) {
        expect((string) file_get_contents($file))->toContain('implements Failure');
    }
});

/** @return list<string> where a file of core names a module that stands after its own, or something outside */
function upwardArrows(string $module, string $code): array
{
    $place = array_search($module, Sources::MODULES, true);
    preg_match_all('/IdleMixer\\\\Core\\\\(\w+)\\\\/', $code, $named);

    return array_values(array_filter(array_unique($named[1]), static fn(string $other): bool => $place === false || array_search($other, Sources::MODULES, true) > $place || ! in_array($other, Sources::MODULES, true)));
}

it('has core modules lean only on what stands before them', function (): void {
    $files = Sources::core();
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
    foreach ([...Sources::core(), ...Sources::data()] as $file) {
        expect(preg_match($forbidden, (string) file_get_contents($file)))->toBe(0, $file);
    }
    expect(preg_match($forbidden, 'use Illuminate\Support\Str;'))->toBe(1);
});

arch('controllers hold no rules of the trade', function (): void {
    expect('App\Http\Controllers')->not->toUse(['IdleMixer\Core\Safety', 'IdleMixer\Core\Evidence', 'IdleMixer\Core\Ingredient']);
});

it('closes every class of core', function (): void {
    foreach (Sources::core() as $file) {
        expect((string) file_get_contents($file))->toMatch('/^(final (readonly )?class|enum|interface) /m', $file);
    }
});
