<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Words\Say;

/*
 * What words mean: the table of `said/words.txt`, written from what people say; and of whatever else the lists of the product hold, that
 * it comes to one meaning and has its sentence.
 */

/** @return array<string, array{string, string, string}> what it is, its figures, and the word */
function meant(string $section): array
{
    $in = '';
    $all = [];
    foreach (explode("\n", (string) file_get_contents(__DIR__ . '/said/words.txt')) as $line) {
        if (str_starts_with($line, '## ')) {
            $in = trim(explode('|', substr($line, 3))[0]);
        } elseif ($in === $section && trim($line) !== '') {
            $parts = array_map(trim(...), explode('|', $line));
            foreach (explode(',', $parts[count($parts) - 1]) as $word) {
                $all["{$parts[0]}: " . trim($word)] = [$parts[0], count($parts) === 3 ? $parts[1] : '', trim($word)];
            }
        }
    }

    return $all;
}

/** @return list<string> every word of a list of the product */
function wordsIn(string $file): array
{
    $rows = match ($file) {
        'by-eye' => require dirname(__DIR__, 2) . '/data/by-eye.php',
        'ingredients' => Things::of('ingredients')->words(),
        'units' => Say::words('units')['said'],
        default => Say::words("reading/{$file}"),
    };
    assert(is_array($rows));
    $all = [];
    foreach ($rows as $row) {
        assert(is_array($row));
        $words = $row['words'] ?? $row;
        $words = is_array($words) ? $words : ($row['said'] ?? []);
        assert(is_array($words));
        array_push($all, ...array_filter($words, is_string(...)));
    }

    return $all;
}

it('takes each word for a thing as that thing, however it is written', function (string $slug, string $figures, string $word): void {
    foreach ([$word, mb_strtoupper($word), ucwords($word)] as $written) {
        $heard = PhraseReader::shipped(Kitchen::Us)->read($slug === 'egg' ? "2 {$written}" : "5 ml {$written}");
        expect(($heard->lines[0] ?? null)?->slug() ?? '')->toBe($slug, $written);
    }
})->with(meant('thing'));

it('refuses each word that is none, with a reason of its own', function (string $reason, string $figures, string $word): void {
    foreach (["5 ml {$word}", "a splash of {$word}", "1 cup {$word}", $word] as $text) {
        expect(PhraseReader::shipped()->read($text)->refusal?->finding->value)->toBe("refused-{$reason}", $text);
    }
})->with(meant('refused'));

it('asks what is in the bottle where a name is sold as two things', function (string $code, string $figures, string $word): void {
    expect(PhraseReader::shipped()->read("10 ml {$word}")->question?->finding->value)->toBe($code);
})->with(meant('asked'));

it('takes an amount by eye for its range, and a measured one for what it is', function (string $code, string $figures, string $word): void {
    $line = PhraseReader::shipped()->read("{$word} of castile soap")->lines[0] ?? null;
    expect([$line?->byEye, $line?->low, $line?->high])->toEqual([$code, ...array_map(floatval(...), explode(',', $figures))])
        ->and($line === null ? [] : PhraseWords::shipped()->assumed($line))->not->toBeEmpty();
    $measured = PhraseReader::shipped(null, [$code => 3.5])->read("{$word} of castile soap")->lines[0] ?? null;
    expect($measured?->low)->toBe(3.5)->and($measured?->high)->toBeNull();
})->with(meant('by eye'));

it('takes a word for a unit as each kitchen means it, and asks where it cannot know', function (string $unit, string $figures, string $word): void {
    $figures = array_map(trim(...), explode(',', $figures));
    foreach (Kitchen::cases() as $i => $kitchen) {
        $heard = PhraseReader::shipped($kitchen)->read("3 {$word} of neem oil");
        $line = $heard->lines[0] ?? null;
        if ($figures[$i] === '?') {
            expect($line)->toBeNull()->and(count($heard->question->answers ?? []))->toBeGreaterThan(1, $kitchen->value);
        } else {
            expect($line?->kind)->toBe(SpokenKind::Amount)->and(($line->low ?? 0.0) * ($line?->unit?->inBase() ?? 0.0))->toEqualWithDelta(3.0 * (float) $figures[$i], 1e-9, "{$word} of the {$kitchen->value} kitchen");
        }
    }
})->with(meant('unit'));

it('understands each answer to a question of whose unit, and each is another amount', function (string $word): void {
    $amounts = [];
    foreach (PhraseReader::shipped()->read("3 {$word} neem")->question->answers ?? [] as $answer) {
        $again = PhraseReader::shipped()->read($answer['line']);
        // A spoon that is a teaspoon may still be one of several kitchens.
        $one = $again->lines[0] ?? PhraseReader::shipped()->read($again->question->answers[0]['line'] ?? '')->lines[0] ?? null;
        expect($one)->not->toBeNull("{$word}: {$answer['line']}");
        $amounts[] = $one === null ? '' : round($one->low * ($one->unit?->inBase() ?? 0.0), 9) . ($one->unit?->unit->dimension()->value ?? '');
    }
    expect(count($amounts))->toBeGreaterThan(1)->and(array_unique($amounts))->toHaveCount(count($amounts));
})->with(['tbsp', 'tsp', 'cup', 'fl oz', 'oz', 'pint', 'quart', 'gallon', 'spoon']);

it('gives no word two meanings, and every word one', function (): void {
    $all = [];
    foreach (['ingredients', 'refused-ingredients', 'by-eye', 'units'] as $file) {
        foreach (wordsIn($file) as $word) {
            expect($all[$word] ?? $file)->toBe($file, "“{$word}” stands in two lists");
            $all[$word] = $file;
            $heard = PhraseReader::shipped(Kitchen::Us)->read(match ($file) {
                'units' => "3 {$word} neem",
                'by-eye' => "{$word} of castile soap",
                default => "5 ml {$word}",
            });
            $refused = $heard->refusal === null ? null : PhraseWords::shipped()->refusal($heard->refusal);
            expect($file === 'refused-ingredients')->toBe($refused !== null && str_contains($refused, "“{$word}”"), $word)
                ->and($refused === null || (mb_strlen($refused) > 40 && str_ends_with($refused, '.') && ! str_contains($refused, '{')))->toBeTrue($word);
        }
    }
    expect(count($all))->toBeGreaterThan(250);
});
