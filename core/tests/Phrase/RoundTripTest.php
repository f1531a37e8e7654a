<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Phrase\Kitchen;
use IdleMixer\Core\Phrase\PhraseReader;
use IdleMixer\Core\Phrase\PhraseWriter;
use IdleMixer\Core\Phrase\TypedRecipe;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\Basis;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Recipe\RecipeUse;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a recipe is once it was written out and typed again. */
function typedAgain(Recipe $recipe, Kitchen $kitchen): ?Recipe
{
    $reader = PhraseReader::shipped($kitchen, [], $recipe->stocks());

    return (new TypedRecipe(new RecipeReader(IngredientCatalogue::shipped())))->of(array_map($reader->read(...), PhraseWriter::lines($recipe)), $recipe->slug, $recipe->name, $recipe->use, $recipe->order, $recipe->notes, $kitchen);
}

/** @return list<array{string, float, string, float|null, float|null}> */
function linesOf(?Recipe $recipe): array
{
    return array_map(static fn(RecipeLine $line): array => [$line->ingredient->slug ?? $line->stock->slug ?? '', round($line->amount->inBase(), 7), $line->amount->unit->dimension()->value, $line->upTo === null ? null : round($line->upTo * $line->amount->unit->factor(), 7), $line->strength], $recipe->lines ?? []);
}

function sameAgain(Recipe $recipe): void
{
    foreach (Kitchen::cases() as $kitchen) {
        $again = typedAgain($recipe, $kitchen);
        $said = implode(' / ', PhraseWriter::lines($recipe));
        expect(linesOf($again))->toEqualWithDelta(linesOf($recipe), 1e-6, $said)
            ->and($again?->basis?->of)->toBe($recipe->basis?->of, $said)
            ->and($again?->basis?->amount->inBase() ?? 0.0)->toEqualWithDelta($recipe->basis?->amount->inBase() ?? 0.0, 1e-9 * ($recipe->basis?->amount->inBase() ?? 1.0), $said);
    }
}

it('takes a shipped recipe back for the same, its stock by name', function (string $slug): void {
    sameAgain(RecipeCatalogue::shipped()->get($slug));
})->with(RecipeCatalogue::shipped()->slugs());

it('takes any recipe back for the same, in four kitchens', function (): void {
    $random = new Randomizer(new Mt19937(1600));
    $catalogue = IngredientCatalogue::shipped();
    $stocks = RecipeCatalogue::shipped()->stocks();
    $units = array_values(array_filter(Unit::cases(), static fn(Unit $unit): bool => $unit->dimension() === Dimension::Volume));
    $pick = static fn(int $of): int => $random->getInt(0, $of - 1);
    for ($i = 0, $times = getenv('MIXER_LONG') === '1' ? 5_000 : 400; $i < $times; ++$i) {
        $lines = [];
        foreach (range(1, $random->getInt(1, 6)) as $_) {
            $value = [$random->getInt(1, 40) / 4, $random->getInt(1, 30) / 3, $random->getInt(1, 9_999) / 1000, (float) $random->getInt(1, 9)][$pick(4)];
            $top = $pick(3) === 0 ? $value * $random->getInt(2, 5) : null;
            $ingredient = $catalogue->get($catalogue->slugs()[$pick(count($catalogue->slugs()))]);
            $lines[] = match (true) {
                $pick(8) === 0 => RecipeLine::ofStock($stocks[$pick(count($stocks))], Amount::of($value, $units[$pick(count($units))]), $top),
                $ingredient->pieceVolume !== null => RecipeLine::ofIngredient($ingredient, Amount::of((float) $random->getInt(1, 9), Unit::One), null, null),
                $pick(6) === 0 => RecipeLine::ofIngredient($ingredient, Amount::of($value, [Unit::Gram, Unit::AvoirdupoisOunce][$pick(2)]), $top, null),
                default => RecipeLine::ofIngredient($ingredient, Amount::of($value, $units[$pick(count($units))]), $top, $ingredient->substance->hasStrength() ? (float) $random->getInt(1, 99) : null),
            };
        }
        $basis = new Basis(Amount::of($random->getInt(4000, 40_000) / 4.0, Unit::Litre), BasisOf::cases()[$pick(2)]);
        sameAgain(new Recipe('any', 'Any', RecipeUse::Foliar, MixingOrder::AllTogether, $basis, $lines, ''));
    }
});
