<?php

declare(strict_types=1);

use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;

// The usual cautions of the craft: common practice, no source.
it('shows the cautions that go with what is in it', function (string $slug, array $codes): void {
    expect(Plans::shipped($slug, 1, 'L')->cautions)->toContain(...$codes);
})->with([
    'alcohol burns' => ['half-alcohol-swab', ['flammable']],
    'essential oil, skin and cats' => ['mint-mask', ['skin-and-cats', 'water-life']],
    'oil and sulfur, heat and cold' => ['neem-leaf-quart', ['no-sulfur', 'heat-and-cold', 'water-life', 'no-sun', 'no-bloom']],
    'soap and bleach' => ['mild-soap', ['no-bleach']],
    'frost on winter oil' => ['winter-wood-oil', ['no-frost']],
    'raw egg' => ['egg-and-oil-milk', ['same-day']],
]);

it('always says to protect oneself, to label, and that local rules come first', function (string $slug): void {
    expect(Plans::shipped($slug, 1, 'L')->cautions)->toContain('gloves-and-eyes', 'pets-and-children', 'label-it', 'local-rules');
})->with(RecipeCatalogue::shipped()->slugs());

it('does not speak of leaves where none is wetted', function (): void {
    expect(Plans::shipped('empty-bed-neem-drench', 1, 'L')->cautions)->not->toContain('no-sun', 'no-bloom');
});
