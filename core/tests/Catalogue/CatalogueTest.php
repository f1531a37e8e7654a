<?php

declare(strict_types=1);

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\UnknownIngredient;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Plant\UnknownTolerance;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\UnknownRecipe;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\UnknownLimit;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\UnknownSource;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Trouble\UnknownTrouble;

/** @return array<string, mixed> */
function rows(string $file): array
{
    if (is_dir(dirname(__DIR__, 2) . "/data/{$file}")) {
        return Things::of($file)->rows();
    }
    $rows = require dirname(__DIR__, 2) . "/data/{$file}.php";
    assert(is_array($rows));

    /** @var array<string, mixed> $rows */
    return $rows;
}

/**
 * Every value with a source in a catalogue, however deep.
 *
 * @return array<string, array{string}>
 */
function sourcesIn(string $file): array
{
    $found = [];
    $walk = static function (mixed $row, string $path) use (&$walk, &$found): void {
        if (! is_array($row)) {
            return;
        }
        if (isset($row['source']) && is_string($row['source'])) {
            $found[$path] = [$row['source']];
        }
        foreach ($row as $key => $value) {
            $walk($value, "{$path}/{$key}");
        }
    };
    $walk(rows($file), $file);

    return $found;
}

it('names a listed source for every value', function (string $source): void {
    expect(SourceCatalogue::shipped()->get($source)->citation)->not->toBe('');
})->with(array_merge(...array_map(sourcesIn(...), ['ingredients', 'limits', 'tolerance', 'shelf-life', 'fair-look', 'sprays', 'troubles', 'by-eye', 'plant-sizes', 'soil-dryness'])));

it('gives every row of the catalogues of values a source', function (string $file): void {
    $sourced = array_keys(sourcesIn($file));
    foreach (array_keys(rows($file)) as $key) {
        $found = array_filter($sourced, static fn(string $path): bool => $path === "{$file}/{$key}" || str_starts_with($path, "{$file}/{$key}/"));
        expect($found)->not->toBeEmpty("{$file}: {$key}");
    }
})->with(['ingredients', 'limits', 'shelf-life', 'fair-look', 'sprays', 'troubles', 'by-eye', 'plant-sizes', 'soil-dryness']);

it('has a plausible density for every ingredient', function (string $slug): void {
    $ingredient = IngredientCatalogue::shipped()->get($slug);
    // Handbook ranges near 20 °C (from memory): neem 0.91 to 0.93, vegetable 0.915 to 0.925, light paraffin and horticultural 0.82 to 0.86.
    $ranges = ['neem-oil' => [0.91, 0.93], 'vegetable-oil' => [0.915, 0.925], 'paraffin-oil' => [0.82, 0.86], 'horticultural-oil' => [0.82, 0.86]];
    [$low, $high] = $ranges[$slug] ?? [0.75, 1.2];

    expect($ingredient->density->value)->toBeGreaterThanOrEqual($low)->toBeLessThanOrEqual($high)
        ->and($ingredient->density->unit)->toBe('g/mL')
        ->and($ingredient->name)->not->toBe('')
        ->and($ingredient->defaultStrength !== null)->toBe($ingredient->substance->hasStrength())
        ->and($ingredient->grams(10.0))->toEqualWithDelta(10.0 * $ingredient->density->value, 1e-9);
})->with(IngredientCatalogue::shipped()->slugs());

it('weighs a teaspoon of soda as the food tables do', function (): void {
    // USDA FoodData Central (from memory): 4.6 g a level US teaspoon, so 13.8 g a tablespoon and 220.8 g a cup of sixteen; a metric
    // spoon of 5 mL holds a little more than a US one.
    $soda = IngredientCatalogue::shipped()->get('baking-soda');
    $grams = static fn(string $unit): float => $soda->grams(Volume::of(1, Unit::from($unit))->millilitres());
    expect($grams('[tsp_us]'))->toEqualWithDelta(4.6, 0.01)->and($grams('[tbs_us]'))->toEqualWithDelta(13.8, 0.03)
        ->and($grams('[cup_us]'))->toEqualWithDelta(220.8, 0.5)->and($grams('[tsp_m]'))->toEqualWithDelta(4.67, 0.01)
        ->and($soda->millilitres(Amount::of(13.8, Unit::Gram)))->toEqualWithDelta(14.787, 0.03);
});

it('has the ingredients of the open documents', function (): void {
    expect(IngredientCatalogue::shipped()->slugs())->toContain('neem-oil', 'vegetable-oil', 'horticultural-oil', 'paraffin-oil', 'castile-soap', 'dish-detergent', 'saponin-extract', 'polysorbate-20', 'isopropyl-alcohol', 'hydrogen-peroxide', 'baking-soda', 'peppermint-oil', 'rosemary-oil', 'egg')
        ->and(IngredientCatalogue::shipped()->slugs())->not->toContain('tobacco', 'nicotine', 'bleach');
});

it('knows what holds oil in water, and what takes no room', function (): void {
    // Common practice, no source.
    expect(Substance::Soda->isLiquid())->toBeFalse()
        ->and(array_filter(Substance::cases(), static fn(Substance $kind): bool => $kind->isEmulsifier()))->toHaveCount(4)
        ->and(Substance::EssentialOil->isOily())->toBeTrue();
});

it('has a limit and a stop above it for every substance on everything that is sprayed', function (string $slug): void {
    $class = ToleranceCatalogue::shipped()->get($slug);
    $limits = Limits::shipped();
    foreach (['refined-oil', 'kitchen-oil', 'neem', 'true-soap', 'detergent', 'alcohol', 'soda', 'essential-oil', 'peroxide'] as $substance) {
        expect($limits->get("{$substance}/{$class->limits}/stop")->value)->toBeGreaterThan($limits->get("{$substance}/{$class->limits}")->value);
    }
    expect($class->looksLike)->not->toBe('');
})->with(ToleranceCatalogue::shipped()->slugs());

it('says what is known when something is not', function (Closure $ask, string $class): void {
    /** @var class-string<Throwable> $class */
    expect($ask)->toThrow($class);
})->with([
    'ingredient' => [static fn() => IngredientCatalogue::shipped()->get('bleach'), UnknownIngredient::class],
    'pest' => [static fn() => TroubleCatalogue::shipped()->trouble('dragons'), UnknownTrouble::class],
    'tolerance' => [static fn() => ToleranceCatalogue::shipped()->get('steel'), UnknownTolerance::class],
    'recipe' => [static fn() => RecipeCatalogue::shipped()->get('nothing'), UnknownRecipe::class],
    'limit' => [static fn() => Limits::shipped()->get('nothing'), UnknownLimit::class],
    'source' => [static fn() => SourceCatalogue::shipped()->get('nobody'), UnknownSource::class],
]);

it('fails on a bad row', function (): void {
    $sources = SourceCatalogue::shipped();
    $row = ['name' => 'x', 'substance' => 'neem', 'density' => ['value' => 1.0, 'unit' => 'g/mL', 'source' => 'a friend told me']];

    expect(static fn() => (new IngredientCatalogue(['x' => $row], $sources))->get('x'))->toThrow(UnknownSource::class)
        ->and(static fn() => (new IngredientCatalogue(['x' => [...$row, 'substance' => 'moonlight']], $sources))->get('x'))->toThrow(ValueError::class);
});
