<?php

declare(strict_types=1);

use IdleMixer\Core\Gate\Cautions;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;

// The usual cautions of the craft: common practice, no source.
it('shows the cautions that go with what is in it', function (string $slug, array $codes): void {
    expect(Plans::shipped($slug, 1, 'L')->gate->cautions)->toContain(...$codes);
})->with([
    'alcohol burns' => ['half-alcohol-swab', ['flammable', 'no-bleach']],
    'essential oil, skin and cats' => ['mint-mask', ['skin-and-cats', 'water-life']],
    'oil and sulfur, heat and cold' => ['neem-leaf-quart', ['no-sulfur', 'heat-and-cold', 'water-life', 'no-sun', 'no-bloom']],
    'soap and bleach' => ['mild-soap', ['no-bleach']],
    'frost on winter oil' => ['winter-wood-oil', ['no-frost']],
    'raw egg' => ['egg-and-oil-milk', ['same-day']],
]);

// By what is in it, one thing at a time: common practice, no source; chemistry from memory (peroxide and vinegar make a corrosive acid,
// soda and vinegar gas, bleach with alcohol, peroxide or soap poisonous gas).
it('warns of each ingredient by itself, of that and of no more', function (string $ingredient, array $codes): void {
    $cautions = Plans::of([
        'recipe' => Plans::recipe([['ingredient' => $ingredient, 'amount' => $ingredient === 'egg' ? 1 : 5, 'unit' => $ingredient === 'egg' ? '1' : 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'water']),
        'make' => ['amount' => 1, 'unit' => 'L'],
    ])->gate->cautions;
    expect($cautions)->toEqualCanonicalizing([...$codes, 'no-sun', 'no-bloom', 'gloves-and-eyes', 'pets-and-children', 'label-it', 'local-rules']);
})->with([
    ['hydrogen-peroxide', ['no-vinegar', 'no-bleach']], ['isopropyl-alcohol', ['no-bleach']], ['baking-soda', ['no-vinegar']], ['egg', ['same-day']],
    ['peppermint-oil', ['skin-and-cats', 'water-life']], ['rosemary-oil', ['skin-and-cats', 'water-life']], ['neem-oil', ['water-life', 'no-sulfur', 'heat-and-cold']],
    ['vegetable-oil', ['water-life', 'no-sulfur', 'heat-and-cold']], ['paraffin-oil', ['water-life', 'no-sulfur', 'heat-and-cold']], ['castile-soap', ['water-life', 'no-bleach']],
    ['dish-detergent', ['water-life', 'no-bleach']], ['saponin-extract', ['water-life']], ['polysorbate-20', ['water-life']],
]);

it('always says to protect oneself, to label, and that local rules come first', function (string $slug): void {
    expect(Plans::shipped($slug, 1, 'L')->gate->cautions)->toContain('gloves-and-eyes', 'pets-and-children', 'label-it', 'local-rules');
})->with(RecipeCatalogue::shipped()->slugs());

it('does not speak of leaves where none is wetted', function (): void {
    expect(Plans::shipped('empty-bed-neem-drench', 1, 'L')->gate->cautions)->not->toContain('no-sun', 'no-bloom');
});

// Facts of the chemistry, from memory: peroxide with soda gives off oxygen and carbon dioxide; peroxide feeds burning alcohol.
it('warns of what is harmless by itself and not together', function (array $pair, string $code): void {
    $line = static fn(string $slug): array => ['ingredient' => $slug, 'amount' => 5, 'unit' => $slug === 'baking-soda' ? 'g' : 'mL'];
    $cautions = static fn(string ...$slugs): array => Plans::of(['recipe' => Plans::recipe(array_values(array_map($line, $slugs)), ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L']])->gate->cautions;
    [$one, $other] = $pair;
    assert(is_string($one) && is_string($other));

    expect($cautions($one, $other)[0])->toBe($code)
        ->and(in_array($code, $cautions($one), true))->toBeFalse()
        ->and(in_array($code, $cautions($other, 'neem-oil'), true))->toBeFalse()
        ->and(Sentences::shipped()->caution($code))->toEndWith('.');
})->with([
    [['hydrogen-peroxide', 'baking-soda'], 'gas-pressure'], [['isopropyl-alcohol', 'hydrogen-peroxide'], 'oxidiser-and-fuel'], [['peppermint-oil', 'isopropyl-alcohol'], 'strong-vapour'],
]);

it('has words for every caution, and shows none twice', function (string $slug): void {
    $cautions = Plans::shipped($slug, 1, 'L')->gate->cautions;
    expect(array_unique($cautions))->toHaveCount(count($cautions));
    foreach ($cautions as $code) {
        expect(mb_strlen(Sentences::shipped()->caution($code)))->toBeGreaterThan(20);
    }
})->with(RecipeCatalogue::shipped()->slugs());

// Common practice, no source: a bottle says what it does to whoever finds it; how the bed is sprayed is said in the bed.
it('puts on a bottle what concerns the bottle', function (string $slug, array $codes): void {
    expect(array_values(array_filter(Plans::shipped($slug, 1, 'L')->gate->cautions, Cautions::isForBottle(...))))->toEqualCanonicalizing($codes);
})->with([
    'alcohol' => ['half-alcohol-swab', ['flammable', 'no-bleach', 'gloves-and-eyes']],
    'soap' => ['mild-soap', ['water-life', 'no-bleach', 'gloves-and-eyes']],
    'raw egg' => ['egg-and-oil-milk', ['same-day', 'water-life', 'gloves-and-eyes']],
    'winter oil, with soda and detergent in it' => ['winter-wood-oil', ['water-life', 'no-bleach', 'no-vinegar', 'gloves-and-eyes']],
]);
