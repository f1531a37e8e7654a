<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Failure;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use Tests\Feature\Contract;
use Tests\Feature\Notebook;

/** @return array<string, mixed> */
function schema(string $name): array
{
    $decoded = json_decode((string) file_get_contents(dirname(__DIR__, 2) . "/schemas/{$name}.schema.json"), true, 64, \JSON_THROW_ON_ERROR);
    assert(is_array($decoded));

    /** @var array<string, mixed> $decoded */
    return $decoded;
}

it('publishes a schema that every shipped recipe holds to', function (string $slug): void {
    expect(Contract::schemaFault('recipe', json_encode(RecipeWriter::write(RecipeCatalogue::shipped()->get($slug)), \JSON_THROW_ON_ERROR)))->toBe('');
})->with(RecipeCatalogue::shipped()->slugs());

it('answers every shipped recipe with a plan that holds to its schema', function (string $slug): void {
    $answer = Notebook::post('/api/plan', ['recipe' => $slug, 'make' => ['amount' => 2.5, 'unit' => '[gal_us]'], 'sprayer' => ['amount' => 1, 'unit' => '[gal_us]'], 'plant' => 'tender-leaf', 'highEnd' => true]);

    expect($answer->status)->toBe(200)->and(Contract::schemaFault('plan', $answer->text))->toBe('')->and($answer->list('loads'))->toHaveCount(3);
})->with(RecipeCatalogue::shipped()->slugs());

it('lists in the schemas what the catalogues hold', function (): void {
    $text = json_encode([schema('recipe'), schema('plan-request')], \JSON_THROW_ON_ERROR);
    foreach (IngredientCatalogue::shipped()->slugs() as $slug) {
        expect($text)->toContain("\"{$slug}\"");
    }
    $request = schema('plan-request')['properties'];
    assert(is_array($request) && is_array($request['plant']) && is_array($request['recipe']) && is_array($request['recipe']['oneOf']) && is_array($request['recipe']['oneOf'][0]) && is_array($request['make']));
    expect($request['plant']['enum'])->toEqualCanonicalizing(ToleranceCatalogue::shipped()->known())
        ->and($request['recipe']['oneOf'][0]['enum'])->toEqualCanonicalizing(RecipeCatalogue::shipped()->slugs())
        ->and(json_encode($request['make'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES))->toContain(json_encode(Unit::codes(Dimension::Volume), \JSON_THROW_ON_ERROR));
});

/** Documents that differ in one thing, good and bad: reader and schema must say the same. */
dataset('documents', static function (): iterable {
    $recipe = ['format' => 'idle-mixer/recipe', 'version' => 1, 'slug' => 'a-b', 'name' => 'A', 'use' => 'foliar', 'order' => 'blender', 'basis' => ['amount' => 1, 'unit' => 'L', 'of' => 'water'], 'lines' => [['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => 'mL']], 'notes' => ''];
    $stock = [...array_diff_key($recipe, ['basis' => 1]), 'use' => 'stock'];
    $good = ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']];
    $line = static fn(array $line): array => ['recipe' => [...$recipe, 'lines' => [$line]]];
    $changes = [
        'good' => [], 'slug of a shipped one' => ['recipe' => 'mild-soap'], 'slug of none' => ['recipe' => 'x'],
        'sprayer' => ['sprayer' => ['amount' => 2, 'unit' => '[gal_br]']], 'sprayer by weight' => ['sprayer' => ['amount' => 2, 'unit' => 'g']],
        'zero' => ['make' => ['amount' => 0, 'unit' => 'L']], 'text' => ['make' => ['amount' => '1', 'unit' => 'L']], 'extra' => ['make' => ['amount' => 1, 'unit' => 'L', 'of' => 'water']],
        'factor' => ['factor' => 0.5], 'no factor' => ['factor' => -1], 'plant' => ['plant' => 'soil'], 'no plant' => ['plant' => 'rock'],
        'measures' => ['measures' => [['amount' => 1, 'unit' => '[drp]']]], 'no measures' => ['measures' => []], 'pieces' => ['measures' => [['amount' => 1, 'unit' => '1']]],
        'sixty measures' => ['measures' => array_fill(0, 60, ['amount' => 1, 'unit' => 'mL'])], 'sixty-one' => ['measures' => array_fill(0, 61, ['amount' => 1, 'unit' => 'mL'])],
        'water' => ['water' => ['temperature' => ['amount' => 20, 'unit' => 'Cel']]], 'water in grains' => ['water' => ['hardness' => ['amount' => 20, 'unit' => '[gr]']]],
        'strength' => $line(['ingredient' => 'isopropyl-alcohol', 'amount' => 1, 'unit' => 'mL', 'strength' => 91]), 'strength of oil' => $line(['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => 'mL', 'strength' => 91]),
        'strength over all' => $line(['ingredient' => 'isopropyl-alcohol', 'amount' => 1, 'unit' => 'mL', 'strength' => 100.5]),
        'eggs' => $line(['ingredient' => 'egg', 'amount' => 2, 'unit' => '1']), 'pieces of oil' => $line(['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '1']),
        'stock' => $line(['stock' => $stock, 'amount' => 2, 'unit' => '[tsp_us]']), 'stock that is none' => $line(['stock' => $recipe, 'amount' => 2, 'unit' => '[tsp_us]']),
        'both' => $line(['stock' => $stock, 'ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tsp_us]']), 'neither' => $line(['amount' => 2, 'unit' => '[tsp_us]']),
        'stock itself' => ['recipe' => $stock], 'stock with a basis' => ['recipe' => [...$recipe, 'use' => 'stock']], 'no basis' => ['recipe' => array_diff_key($recipe, ['basis' => 1])],
        'no notes' => ['recipe' => array_diff_key($recipe, ['notes' => 1])], 'bad slug' => ['recipe' => [...$recipe, 'slug' => 'A b']], 'version 2' => ['recipe' => [...$recipe, 'version' => 2]],
        'no lines' => ['recipe' => [...$recipe, 'lines' => []]], 'forty lines' => ['recipe' => [...$recipe, 'lines' => array_fill(0, 40, $recipe['lines'][0])]], 'forty-one' => ['recipe' => [...$recipe, 'lines' => array_fill(0, 41, $recipe['lines'][0])]],
        'blank name' => ['recipe' => [...$recipe, 'name' => ' ']], 'long name' => ['recipe' => [...$recipe, 'name' => str_repeat('é', 200)]], 'too long a name' => ['recipe' => [...$recipe, 'name' => str_repeat('é', 201)]],
    ];
    foreach ($changes as $name => $change) {
        yield $name => [json_encode([...$good, ...$change], \JSON_THROW_ON_ERROR)];
    }
});

it('reads what the schema allows and refuses what it forbids', function (string $json): void {
    try {
        BenchReader::shipped()->request(JsonText::parse($json));
        $taken = true;
    } catch (Failure) {
        $taken = false;
    }

    expect(Contract::schemaFault('plan-request', $json) === '')->toBe($taken);
})->with('documents');
