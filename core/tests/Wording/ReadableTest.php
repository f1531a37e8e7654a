<?php

declare(strict_types=1);

use IdleMixer\Core\Tests\Support\Reading;
use IdleMixer\Core\Words\Say;

/*
 * A verdict is read at arm's length with wet hands: under 25 words, and no harder than the eighth grade. What is filled in is taken to be
 * what it mostly is.
 */

const FILLED = [
    '{what}' => 'kitchen oil', '{onto}' => 'a tough leaf', '{plant}' => 'the lemon', '{kind}' => 'rose', '{name}' => 'neem oil', '{trouble}' => 'aphids', '{strong}' => 'Strong', '{weak}' => 'Mild', '{stock}' => 'Soap',
    '{holds}' => '20 seconds', '{in-all}' => '2 teaspoons', '{span}' => '3 days', '{ago}' => '3 days', '{left}' => '2 days', '{wait}' => '7 days', '{every}' => '4 days', '{days}' => '5 days', '{stand}' => 'beads of oil', '{burn-share}' => 'two leaves in three', '{share}' => 'two leaves in three',
    '{why}' => 'Soap dries out soft bodies that it wets.', '{sure}' => 'Most find so.', '{from}' => '', '{enemies}' => 'Ladybirds', '{first}' => 'plain soap', '{rung}' => 'half', '{change}' => '5 % fewer', '{judged}' => '5', '{worked}' => '4', '{are}' => 'are 2',
    '{alone}' => '2 rounds', '{burnt}' => '2', '{rounds}' => '4', '{median}' => '40 % fewer', '{count}' => '4 rounds', '{left-2}' => '5 %', '{left-3}' => '40 %', '{left-4}' => '20 %', '{fresh}' => '3 days', '{fair}' => '24 hours or more after spraying', '{unit}' => '%', '{water}' => '', '{rinsed}' => '', '{depends}' => '', '{verdict}' => '', '{side}' => 'early or late in the day',
    '{with}' => 'A mild liquid soap', '{for}' => 'castile soap', '{costs}' => 'It foams more.', '{work}' => 'blender', '{matters}' => '',
];

/** @return array<string, string> by area and key, with what is filled in */
function readVerdicts(): array
{
    $all = [];
    foreach (['verdicts', 'whether', 'passed-over', 'outcomes', 'formulas', 'exclusions', 'choice-reasons', 'leaf-outcomes', 'remedies', 'moved-by', 'hours', 'beside', 'cupboard'] as $area) {
        foreach (Say::words($area) as $key => $text) {
            $all["{$area}/{$key}"] = is_string($text) ? preg_replace('/\{[a-z0-9:-]+\}/i', '3', strtr($text, FILLED)) ?? '' : '';
        }
    }
    foreach (Say::words('wording') as $key => $text) {
        if (preg_match('/^(record|ahead|programme|season)-words\./', (string) $key) === 1 && is_string($text) && str_ends_with($text, '.')) {
            $all["wording/{$key}"] = preg_replace('/\{[a-z0-9:-]+\}/i', '3', strtr($text, FILLED)) ?? '';
        }
    }

    // A name alone is no sentence.
    return array_filter($all, static fn(string $text): bool => count(Reading::words($text)) > 2);
}

it('says each verdict in under 25 words, for readers of the eighth grade', function (): void {
    $long = $hard = [];
    foreach (readVerdicts() as $key => $text) {
        $long += count(Reading::words($text)) < 25 ? [] : [$key => count(Reading::words($text)) . " {$text}"];
        $hard += Reading::grade($text) <= 8.0 ? [] : [$key => sprintf('%.1f %s', Reading::grade($text), $text)];
    }
    expect($long)->toBe([])->and($hard)->toBe([])->and(count(readVerdicts()))->toBeGreaterThan(200);
});

it('names no formula and no author outside the sources', function (): void {
    $named = [];
    $names = '/\b(Abbott|Henderson|Tilton|Wilson|Student|Kish|Poisson|Fisher|Snedecor|Bayes|Clopper|Pearson|Anscombe|Szyszkowski|Hinze|Kincaid|Pocock|Wilcoxon|logarithm|binomial|bisection|geometric mean|standard deviation|19\d\d)\b/i';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2) . '/words/en', FilesystemIterator::SKIP_DOTS)) as $file) {
        // Sources say whose they are; faults are for those who write documents, not for gardeners.
        if ($file instanceof SplFileInfo && ! in_array($file->getBasename('.php'), ['sources', 'evidence', 'document', 'input', 'log'], true)) {
            $said = (string) preg_replace("~/\\*.*?\\*/|'[^']*' =>~s", '', (string) file_get_contents($file->getPathname()));
            preg_match_all($names, $said, $found);
            $named = [...$named, ...array_map(static fn(string $name): string => "{$file->getBasename()}: {$name}", $found[0])];
        }
    }
    expect($named)->toBe([]);
});

it('grades sentences as they are graded by hand', function (string $text, int $words, int $syllables, float $grade): void {
    // By hand: words and syllables counted aloud, the formula of Kincaid and others (1975) on paper.
    expect(count(Reading::words($text)))->toBe($words)
        ->and(array_sum(array_map(Reading::syllables(...), Reading::words($text))))->toBe($syllables)
        ->and(Reading::grade($text))->toEqualWithDelta($grade, 0.01);
})->with([
    'plain' => ['Wet two leaves first. Wait two days.', 7, 7, 0.39 * 3.5 + 11.8 - 15.59],
    'with a figure, which is no word' => ['Soap is 2.5 % of the spray.', 5, 5, 0.39 * 5 + 11.8 - 15.59],
    'harder' => ['Insecticidal formulations occasionally precipitate.', 4, 18, 0.39 * 4 + 11.8 * 4.5 - 15.59],
]);
