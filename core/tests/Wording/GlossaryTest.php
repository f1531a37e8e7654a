<?php

declare(strict_types=1);

use IdleMixer\Core\Wording\Glossary;

/*
 * What words mean is common practice, no source; how it is said is held here.
 */

/** @return string everything that is said anywhere, but for the glossary itself */
function allThatIsSaid(): string
{
    $folder = dirname(__DIR__, 2) . '/words/en';
    $all = '';
    foreach ([...(array) glob("{$folder}/*.php"), ...(array) glob("{$folder}/*/*.php"), ...(array) glob("{$folder}/*/*.json")] as $file) {
        $all .= basename((string) $file) === 'glossary.php' ? '' : "\n" . file_get_contents((string) $file);
    }

    return mb_strtolower($all);
}

it('explains sixty words that stand on screens, each shortly and not by itself', function (): void {
    $all = Glossary::all();
    $said = allThatIsSaid();
    expect(count($all))->toBeGreaterThanOrEqual(60);
    foreach ($all as $one) {
        $words = explode(' ', $one->means);
        $forms = array_map(mb_strtolower(...), [$one->term, ...$one->also]);
        expect(count($words))->toBeLessThanOrEqual(30, $one->term)->toBeGreaterThan(5, $one->term)
            // Somebody meets it.
            ->and(array_filter($forms, static fn(string $form): bool => str_contains($said, $form)))->not->toBe([], "Nothing says “{$one->term}”.")
            // The first sentence does not say the word that it explains.
            ->and(str_starts_with(mb_strtolower($one->means), mb_strtolower($one->term)))->toBeFalse($one->term);
    }
    $terms = array_map(static fn($one): string => mb_strtolower($one->term), $all);
    $sorted = $terms;
    sort($sorted);
    expect($terms)->toBe($sorted)->and(array_unique($terms))->toBe($terms);
});
