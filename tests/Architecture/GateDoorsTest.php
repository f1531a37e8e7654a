<?php

declare(strict_types=1);

use Tests\Architecture\Sources;

/*
 * Whoever lets a spray go onto a leaf asks the gate: a round that is written down, a walk that begins, a screen that says of a plant and a spray
 * how they go together.
 */

/** What comes from a log, is the step of a walk that the gate let begin, or was bought: of that its own label speaks. */
const ASKED_BEFORE = ['app/Records/RunBook.php', 'app/Records/CourseBook.php', 'app/Records/Log/', 'app/Declared/'];

/** @return list<string> files that write rounds or begin walks, from the root of the project */
function waysOntoALeaf(): array
{
    $root = dirname(__DIR__, 2) . '/';
    $ways = [];
    foreach (Sources::app() as $file) {
        $name = substr($file, strlen($root));
        $code = (string) file_get_contents($file);
        $writes = preg_match('/Submissions::of\((?:Round|Run)::query\(\)|(?:Round|Run)::query\(\)->create\(|new (?:Round|Run)\(|->runs->begin\(|Corrections::correct\(\$round/', $code) === 1;
        if ($writes && array_filter(ASKED_BEFORE, static fn(string $one): bool => str_starts_with($name, $one)) === []) {
            $ways[] = $name;
        }
    }

    return $ways;
}

it('asks the gate on every way onto a leaf', function (): void {
    $ways = waysOntoALeaf();
    expect($ways)->toContain('app/Http/Controllers/CaseController.php', 'app/Http/Controllers/RunController.php', 'app/Http/Controllers/CorrectedController.php');
    foreach ($ways as $way) {
        expect((string) file_get_contents(dirname(__DIR__, 2) . "/{$way}"))->toContain('->closedBy()');
    }
});

it('judges strengths nowhere but in the gate', function (): void {
    // Remedies look for a strength that is borne; they say nothing of a plant.
    $free = ['core/src/Safety/', 'core/src/Gate/', 'core/src/Plan/', 'core/src/WayOut/', 'core/src/Bench/', 'app/Http/Controllers/CatalogueController.php'];
    $root = dirname(__DIR__, 2) . '/';
    foreach ([...Sources::core(), ...Sources::app()] as $file) {
        $name = substr($file, strlen($root));
        if (array_filter($free, static fn(string $one): bool => str_starts_with($name, $one)) === []) {
            expect((string) file_get_contents($file))->not->toMatch('/new Ceilings\(|->forSubstance\(|SprayCheck|Judge\(\$limits\)/', $name);
        }
    }
});

it('names neither the screens nor their code in what they show of the gate', function (): void {
    // Words of the gate stand in core alone: a screen that makes its own of a code would say something else one day.
    $root = dirname(__DIR__, 2) . '/resources/js';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        if (in_array($file->getExtension(), ['svelte', 'ts'], true) && ! str_contains($file->getFilename(), 'api-types') && ! str_contains($file->getFilename(), '.test.')) {
            expect((string) file_get_contents($file->getPathname()))->not->toMatch("/'(?:burnt-before|no-oil|in-flower|sulfur-lately|dry-root|young-plant|unknown-mix)'/", $file->getPathname());
        }
    }
});
