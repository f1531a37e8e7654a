<?php

declare(strict_types=1);

use IdleMixer\Core\Phrase\Heard;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\TypedRecipe;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;

// The house's own: nobody speaks of more than three, and whoever speaks of one twice says it once.
it('calls a recipe without a name by what is in it', function (array $lines, string $name): void {
    $reader = PhraseReader::shipped(Kitchen::Us);
    $heard = array_values(array_map(static fn(mixed $line): Heard => $reader->read(is_string($line) ? $line : ''), $lines));
    expect(TypedRecipe::named($heard))->toBe($name);
})->with([
    'nothing yet' => [[], 'Not named yet'],
    'one' => [['2 tsp neem oil'], 'Neem oil'],
    'three' => [['2 tsp neem oil', '1 tsp castile soap', '1 tbsp baking soda'], 'Neem oil and castile soap and baking soda'],
    'four' => [['2 tsp neem oil', '1 tsp castile soap', '1 tbsp baking soda', '3 drops rosemary oil'], 'Neem oil and castile soap and baking soda'],
    'one of them twice' => [['2 tsp neem oil', '1 tsp neem oil', '1 tsp castile soap'], 'Neem oil and castile soap'],
]);

// The house's own: a name of eight words is looked for; whoever has a longer one says less of it.
it('knows a stock by a name of as many words as people give', function (string $name, bool $known): void {
    $shipped = RecipeCatalogue::shipped()->stocks()[0];
    $stock = new Recipe($shipped->slug, $name, $shipped->use, $shipped->order, $shipped->basis, $shipped->lines, $shipped->notes);
    $heard = PhraseReader::shipped(Kitchen::Us, [], [$stock])->read("2 tsp {$name}");
    expect(($heard->lines[0] ?? null)?->name() === $name)->toBe($known)->and($heard->refusal === null)->toBe($known);
})->with([
    'five' => ['old green kitchen sink stock', true],
    'eight' => ['old green kitchen sink stock of grandmother gardener', true],
    'nine' => ['old green kitchen sink brew of grandmother the gardener', false],
]);
