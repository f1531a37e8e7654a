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
})->with(['README.md']);

it('shows every picture that is kept', function (): void {
    foreach (array_filter((array) glob(dirname(__DIR__, 2) . '/docs/screenshots/*.png'), is_string(...)) as $picture) {
        expect(page('README.md'))->toContain('docs/screenshots/' . basename($picture));
    }
});
