<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Tests\Support\Plans;

// The open document: the top of a range is its amount or more.
it('takes a range up to its top, also where that is its amount, and none that ends below where it begins', function (float $amount, float $top, bool $taken): void {
    $document = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => $amount, 'unit' => '[tsp_us]', 'upTo' => $top]], ['amount' => 1, 'unit' => 'L', 'of' => 'water']);
    $read = static fn() => (new RecipeReader(IngredientCatalogue::shipped()))->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)));
    if ($taken) {
        expect($read()->lines[0]->upTo)->toBe($top);
    } else {
        expect($read)->toThrow(InvalidDocument::class, 'may not be below its amount');
    }
})->with([[1.5, 2.0, true], [1.5, 1.5, true], [1.5, 1.49, false], [1.5, 0.5, false]]);

// The open document: small letters and digits joined by single hyphens.
it('takes for a slug what is one', function (string $slug, bool $taken): void {
    $document = ['slug' => $slug] + Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tsp_us]']], ['amount' => 1, 'unit' => 'L', 'of' => 'water']);
    $read = static fn() => (new RecipeReader(IngredientCatalogue::shipped()))->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)));
    $taken ? expect($read()->slug)->toBe($slug) : expect($read)->toThrow(InvalidDocument::class);
})->with([['n', true], ['7', true], ['lemon-tub-neem-2', true], ['', false], ['Neem', false], ['a--b', false], ['-a', false], ['a-', false], ['a b', false], ["a\n", false]]);

// 10,000 L are 2,028,841 US teaspoons.
it('takes a range up to ten thousand litres', function (float $top, bool $taken): void {
    $document = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[tsp_us]', 'upTo' => $top]], ['amount' => 1, 'unit' => 'L', 'of' => 'water']);
    $read = static fn() => (new RecipeReader(IngredientCatalogue::shipped()))->read(JsonText::parse(json_encode($document, \JSON_THROW_ON_ERROR)));
    $taken ? expect($read()->lines[0]->upTo)->toBe($top) : expect($read)->toThrow(InvalidDocument::class, 'up to 10,000 L');
})->with([[2_028_841.0, true], [2_028_842.0, false], [9_000_000.0, false]]);
