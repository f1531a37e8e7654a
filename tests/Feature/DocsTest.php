<?php

declare(strict_types=1);

use IdleMixer\Core\Source\SourceCatalogue;

function page(string $path): string
{
    return (string) file_get_contents(dirname(__DIR__, 2) . "/{$path}");
}

it('lists every source in the references, with its standing', function (string $key): void {
    $source = SourceCatalogue::shipped()->get($key);

    expect(page('docs/references.md'))->toContain("| `{$key}` | {$source->citation} | {$source->standing->words()} |");
})->with(SourceCatalogue::shipped()->keys());

it('links only to what is there', function (string $document): void {
    preg_match_all('/\]\((?!https?:)([^)#]+)\)/', page($document), $links);
    expect($links[1])->not->toBeEmpty();
    foreach ($links[1] as $link) {
        expect(file_exists(dirname(__DIR__, 2) . '/' . $link))->toBeTrue($link);
    }
})->with(['README.md', 'CONTRIBUTING.md']);

it('shows every picture that is kept', function (): void {
    foreach (array_filter((array) glob(dirname(__DIR__, 2) . '/docs/screenshots/*.png'), is_string(...)) as $picture) {
        expect(page('README.md'))->toContain('docs/screenshots/' . basename($picture));
    }
});

it('tells in one table what every class of core reads and is given', function (): void {
    $root = dirname(__DIR__, 2);
    $rows = [];
    foreach ((array) glob("{$root}/core/src/*/*.php") as $file) {
        $code = (string) file_get_contents((string) $file);
        preg_match_all('#/\.\./\.\./data/([a-z-]+(?:\.php)?)#', $code, $read);
        preg_match_all("#Say::(?:words|all)\('([a-z/-]+)'\)#", $code, $words);
        array_push($read[1], ...array_map(static fn(string $area): string => "words/en/{$area}.php", $words[1]));
        if (! str_contains($code, 'function shipped') && $read[1] === []) {
            continue;
        }
        preg_match('/function shipped\(.*?\n    \}/s', $code, $body);
        preg_match_all('/\b([A-Z]\w+)::shipped/', $body[0] ?? '', $given);
        $cells = static function (array $names): string {
            $names = array_unique(array_filter($names, is_string(...)));
            sort($names);

            return implode(', ', array_map(static fn(string $name): string => "`{$name}`", $names));
        };
        $folders = array_map(static fn(string $name): string => str_ends_with($name, '.php') ? $name : "{$name}/", $read[1]);
        $rows[] = '`' . basename(dirname((string) $file)) . '\\' . basename((string) $file, '.php') . '`|' . $cells($folders) . '|' . $cells($given[1]);
    }
    expect(count($rows))->toBeGreaterThan(25);
    $told = array_map(static fn(string $line): string => implode('|', array_map(trim(...), explode('|', trim($line, '|')))), array_filter(explode("\n", page('docs/wiring.md')), static fn(string $line): bool => str_starts_with($line, '| `')));
    expect(array_values($told))->toBe($rows);
});

it('keeps the pages that a house has', function (): void {
    expect(page('docs/testing.md'))->toContain('<!-- scores -->')
        ->and(page('CHANGELOG.md'))->toContain('### Before you upgrade')
        ->and(page('LICENSE'))->toContain('MIT License');
});
