<?php

declare(strict_types=1);

use Tests\Feature\Answer;
use Tests\Feature\Notebook;

/** @param list<string> $lines */
function composedIn(?string $kitchen, array $lines): Answer
{
    Notebook::change('/api/household', ['kitchen' => $kitchen, 'byEye' => (object) []]);

    return Notebook::post('/api/compose', ['name' => 'Mine', 'slug' => null, 'use' => 'foliar', 'order' => 'all-together', 'notes' => '', 'lines' => $lines]);
}

/*
 * The same words in four kitchens. US: 1/256 of the gallon of 231 cubic inches (NIST Handbook 44, Appendix C); imperial pint
 * 568.26125 mL (UK units of measurement regulations); spoons of 15 and 20 mL, cup of 250 mL: standard kitchen measures. All from memory.
 */
it('means by a tablespoon, a cup and a pint what the household means', function (string $kitchen, float $spoon, float $cup, float $pint): void {
    $water = composedIn($kitchen, ['1 pint of water', '1 tbsp neem']);
    $percent = 100 * $spoon / ($pint + $spoon);
    expect($water->text('strength.0'))->toBe(rtrim(rtrim(number_format($percent, 1 - (int) floor(log10($percent)), '.', ''), '0'), '.') . ' % oil');

    $cups = composedIn($kitchen, ['2 cups of water', '1 tbsp neem']);
    $percent = 100 * $spoon / (2 * $cup + $spoon);
    expect($cups->text('strength.0'))->toBe(rtrim(rtrim(number_format($percent, 1 - (int) floor(log10($percent)), '.', ''), '0'), '.') . ' % oil');
})->with([
    'US' => ['us', 14.78676478125, 236.5882365, 473.176473],
    'British' => ['british', 15.0, 284.130625, 568.26125],
    'Australian' => ['australian', 20.0, 250.0, 568.26125],
]);

it('asks where the household has not said, and where its own kitchen knows no such measure', function (): void {
    expect(composedIn(null, ['1 gallon of water', '2 tbsp neem'])->text('lines.0.kind'))->toBe('asked')
        ->and(composedIn(null, ['1 gallon of water', '2 tbsp neem'])->list('lines.1.answers'))->toHaveCount(3)
        ->and(composedIn('us', ['1 gallon of water', '2 tbsp neem'])->text('lines.0.kind'))->toBe('water')
        ->and(composedIn('metric', ['1 gallon of water', '2 tbsp neem'])->text('lines.0.kind'))->toBe('asked')
        ->and(composedIn('metric', ['1 gallon of water', '2 tbsp neem'])->text('lines.1.kind'))->toBe('line');
});

it('keeps a recipe as it was meant, whatever kitchen reads it later', function (): void {
    $document = json_encode(composedIn('us', ['1 gallon of water', '2 tbsp neem'])->at('document'), \JSON_THROW_ON_ERROR);
    Notebook::post('/api/recipes', $document);
    $strength = static fn(): array => Notebook::get('/api/recipes/mine')->list('strength');
    $typed = static fn(): array => Notebook::get('/api/recipes/mine')->list('typed');
    $before = [$strength(), $typed()];
    Notebook::change('/api/household', ['kitchen' => 'british', 'byEye' => (object) []]);

    expect([$strength(), $typed()])->toBe($before)->and($typed())->toBe(['1 US gallon of water', '2 US tbsp neem oil']);
});

it('asks for whose ounce, whatever the kitchen, and takes the answer', function (string $kitchen): void {
    $asked = composedIn($kitchen, ['1 l water', '1 oz neem']);
    expect($asked->text('lines.1.kind'))->toBe('asked')->and($asked->list('lines.1.answers'))->toHaveCount(3);
    $grams = [];
    foreach (array_keys($asked->list('lines.1.answers')) as $i) {
        $grams[] = composedIn($kitchen, ['1 l water', $asked->text("lines.1.answers.{$i}.line")])->text('strength.0');
    }
    // 29.57 mL, 28.41 mL, and 28.35 g of oil at 0.92 g/mL, which are 30.8 mL, on top of a litre.
    expect($grams)->toBe(['2.9 % oil', '2.8 % oil', '3 % oil']);
})->with(['us', 'british', 'australian', 'metric']);
