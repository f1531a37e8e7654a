<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\Refusal;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Wording\PhraseWords;

/*
 * Every word of the vocabulary, row by row: a bad row fails here by its name.
 */

/** @return array<string, array{string, string}> word, and what it is a word for */
function wordsFor(string $file): array
{
    $all = [];
    $rows = require dirname(__DIR__, 2) . "/data/{$file}.php";
    assert(is_array($rows));
    foreach ($rows as $key => $row) {
        assert(is_array($row));
        $words = $row['words'] ?? $row;
        $words = is_array($words) ? $words : ($row['said'] ?? []);
        assert(is_array($words));
        foreach ($words as $word) {
            assert(is_string($word));
            $all["{$file}: {$word}"] = [$word, is_string($row['slug'] ?? null) ? $row['slug'] : (string) $key];
        }
    }

    return $all;
}

it('takes each word for an ingredient as that ingredient', function (string $word, string $slug): void {
    foreach ([$word, mb_strtoupper($word), ucwords($word)] as $written) {
        $heard = PhraseReader::shipped(Kitchen::Us)->read($slug === 'egg' ? "2 {$written}" : "5 ml {$written}");
        expect(($heard->lines[0] ?? null)?->slug() ?? '')->toBe($slug, $written);
    }
    expect(IngredientCatalogue::shipped()->get($slug)->slug)->toBe($slug);
})->with(wordsFor('ingredient-words'));

it('refuses each word that is none, with a reason of its own', function (string $word, string $reason): void {
    foreach (["5 ml {$word}", "a splash of {$word}", "1 cup {$word}", $word] as $text) {
        $refusal = PhraseReader::shipped()->read($text)->refusal;
        expect($refusal?->code)->toBe("refused-{$reason}", $text);
        $words = $refusal === null ? '' : PhraseWords::shipped()->refusal($refusal);
        expect($words)->toContain("“{$word}”")->toMatch('/\A[^{}]+\z/u');
        expect(mb_strlen($words))->toBeGreaterThan(40);
    }
})->with(wordsFor('refused-ingredients'));

it('takes each amount by eye as its range, wider than nothing and said to be one', function (string $word, string $code): void {
    $said = str_starts_with($word, 'a ') ? $word : "2 {$word}";
    $line = PhraseReader::shipped()->read("{$said} of castile soap")->lines[0] ?? null;
    // What counts itself (“few drops”) is not counted twice.
    $line ??= PhraseReader::shipped()->read("{$word} of castile soap")->lines[0] ?? null;

    expect($line?->byEye)->toBe($code)
        ->and($line?->low)->toBeGreaterThan(0.0)
        ->and($line?->high)->toBeGreaterThan($line->low ?? 0.0)
        ->and($line === null ? [] : PhraseWords::shipped()->assumed($line))->not->toBeEmpty();

    // Measured once, it counts exactly.
    $measured = PhraseReader::shipped(null, [$code => 3.5])->read("{$word} of castile soap")->lines[0] ?? null;
    expect($measured?->low)->toBe(3.5)->and($measured?->high)->toBeNull();
})->with(wordsFor('by-eye'));

it('takes each word for a unit as an amount, or asks which is meant', function (string $word): void {
    foreach ([null, ...Kitchen::cases()] as $kitchen) {
        $heard = PhraseReader::shipped($kitchen)->read("3 {$word} neem");
        $line = $heard->lines[0] ?? null;
        if ($line !== null) {
            expect($line->kind)->toBe(SpokenKind::Amount)->and($line->low)->toBe(3.0)->and(is_finite((float) $line->unit?->inBase()))->toBeTrue();

            continue;
        }
        // Each answer, typed, is understood; a spoon that is a teaspoon may still be one of several kitchens.
        $amounts = [];
        foreach ($heard->question->answers ?? [] as $answer) {
            $again = PhraseReader::shipped($kitchen)->read($answer['line']);
            $one = $again->lines[0] ?? PhraseReader::shipped($kitchen)->read($again->question->answers[0]['line'] ?? '')->lines[0] ?? null;
            expect($one)->not->toBeNull("{$word}: {$answer['line']}");
            $amounts[] = $one === null ? '' : round($one->low * ($one->unit?->inBase() ?? 0.0), 9) . ($one->unit?->unit->dimension()->value ?? '');
        }
        expect(count($amounts))->toBeGreaterThan(1, $word)->and(array_unique($amounts))->toHaveCount(count($amounts), $word);
    }
})->with(wordsFor('unit-words'));

it('gives no word two meanings', function (): void {
    $all = [];
    foreach (['ingredient-words', 'refused-ingredients', 'by-eye', 'unit-words'] as $file) {
        foreach (wordsFor($file) as [$word]) {
            expect($all[$word] ?? $file)->toBe($file, "“{$word}” stands in two lists");
            $all[$word] = $file;
        }
    }
    expect(count($all))->toBeGreaterThan(250);
});

it('has a sentence for everything that it refuses', function (): void {
    foreach (array_keys((array) require dirname(__DIR__, 2) . '/data/refused-ingredients.php') as $reason) {
        expect(PhraseWords::shipped()->refusal(new Refusal("refused-{$reason}", ['word' => 'it'])))->toEndWith('.');
    }
});
