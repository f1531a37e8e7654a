<?php

declare(strict_types=1);

use Tests\Architecture\Sources;

/*
 * No two files lean on each other, over whatever others: what leans on nothing can be read first.
 */

/** Both ends of a relation name each other, as Eloquent has it. */
const RELATIONS = 'App\Models\\';

/** @return array<string, list<string>> what each class of the product names in its code, by name */
function namedByEach(): array
{
    $root = dirname(__DIR__, 2);
    $classes = [];
    foreach ([...Sources::core(), ...Sources::app()] as $file) {
        $path = substr($file, strlen($root) + 1, -strlen('.php'));
        $classes[str_replace(['core/src/', 'app/', '/'], ['IdleMixer\Core\\', 'App\\', '\\'], $path)] = $file;
    }

    return array_map(static fn(string $class): array => namedIn($class, (string) file_get_contents($classes[$class]), $classes), array_combine(array_keys($classes), array_keys($classes)));
}

/**
 * @param array<string, string> $classes files by class
 *
 * @return list<string>
 */
function namedIn(string $class, string $code, array $classes): array
{
    preg_match_all('/^use ([\w\\\\]+);/m', $code, $imported);
    $space = substr($class, 0, (int) strrpos($class, '\\'));
    $names = [];
    $before = null;
    foreach (array_filter(PhpToken::tokenize($code), static fn(PhpToken $token): bool => ! $token->isIgnorable()) as $token) {
        // A constant or a case may be called like a class.
        if ($token->is(T_STRING) && $before?->is([T_DOUBLE_COLON, T_CASE, T_CONST, T_FUNCTION, T_OBJECT_OPERATOR]) !== true) {
            $names[] = "{$space}\\{$token->text}";
        }
        $before = $token;
    }

    return array_values(array_unique(array_filter([...$imported[1], ...$names], static fn(string $name): bool => $name !== $class && isset($classes[$name]))));
}

/**
 * @param array<string, list<string>> $named
 *
 * @return list<string> a way from the class back to itself; none where there is none
 */
function backTo(string $class, array $named): array
{
    $ways = array_map(static fn(string $next): array => [$next], $named[$class] ?? []);
    $seen = [];
    while (($way = array_shift($ways)) !== null) {
        $last = $way[count($way) - 1];
        if ($last === $class) {
            return $way;
        }
        foreach (isset($seen[$last]) ? [] : $named[$last] ?? [] as $next) {
            $ways[] = [...$way, $next];
        }
        $seen[$last] = true;
    }

    return [];
}

it('has no class that leans on itself over others', function (): void {
    $named = namedByEach();
    expect(count($named))->toBeGreaterThan(700);
    foreach (array_keys($named) as $class) {
        if (! str_starts_with($class, RELATIONS)) {
            expect(backTo($class, $named))->toBe([], $class);
        }
    }
});

it('would find a circle', function (): void {
    expect(backTo('A', ['A' => ['B'], 'B' => ['C'], 'C' => ['A', 'B']]))->toBe(['B', 'C', 'A'])
        ->and(backTo('A', ['A' => ['B'], 'B' => ['C'], 'C' => ['B']]))->toBe([]);
});
