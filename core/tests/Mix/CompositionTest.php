<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Tests\Support\Sprays;
use IdleMixer\Core\Wording\CompositionWords;
use IdleMixer\Core\Wording\Figures;

it('says what a spray is made of, as practice writes its percentages', function (): void {
    // 1.5 tsp of neem and 0.5 tsp of soap to a quart of water: 0.773 % (common practice, no source), and a third of that.
    $made = Composition::of([Plans::shipped('neem-leaf-quart', 1, '[qt_us]')->whole]);
    expect($made->components['neem-oil']->high)->toEqualWithDelta(0.773, 0.001)
        ->and($made->components['castile-soap']->low)->toEqualWithDelta(0.773 / 3, 0.001)
        ->and(CompositionWords::of($made))->toBe(['0.77 % neem oil', '0.26 % castile soap'])
        ->and(CompositionWords::of(null))->toBe([]);
});

it('counts alcohol and peroxide pure, soda by weight, and a stock by its ingredients', function (): void {
    // Half rubbing alcohol of 70 % is 35 % pure; 2 tsp soda of 4.6 g (USDA FoodData Central, from memory) a litre are 0.92 g per 100 mL.
    $swab = Composition::of([Plans::shipped('half-alcohol-swab', 1, 'L')->whole]);
    $soda = Composition::of([Plans::shipped('soda-and-neem', 1, 'L')->whole]);
    $stock = Composition::of([Plans::shipped('kitchen-oil-by-the-quart', 1, '[qt_us]')->whole]);
    expect($swab->components['isopropyl-alcohol']->high)->toEqualWithDelta(35.0, 1.5)
        ->and($soda->components['baking-soda']->high)->toEqualWithDelta(0.92, 0.01)
        ->and(CompositionWords::of($soda)[0])->toEndWith(' g per 100 mL baking soda')
        ->and(CompositionWords::of($swab)[0])->toContain('pure isopropyl alcohol')
        ->and(array_keys($stock->components))->toBe(['castile-soap', 'vegetable-oil']);
});

/** @param list<array<string, mixed>> $lines */
function madeUp(array $lines): Mixture
{
    return Plans::of(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']])->whole;
}

it('keeps from the least to the most of what is unsure, and nothing of what never went in', function (): void {
    $with = madeUp([['ingredient' => 'neem-oil', 'amount' => 10, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 5, 'unit' => 'mL']]);
    $less = madeUp([['ingredient' => 'neem-oil', 'amount' => 5, 'unit' => 'mL']]);
    $both = Composition::of([$less, $with]);
    expect([$both->components['neem-oil']->low, $both->components['neem-oil']->high])->toEqualWithDelta([0.5, 1.0], 1e-9)
        ->and([$both->components['castile-soap']->low, $both->components['castile-soap']->high])->toEqualWithDelta([0.0, 0.5], 1e-9)
        ->and(array_keys(Composition::of([$less])->components))->toBe(['neem-oil'])
        ->and(CompositionWords::of($both))->toBe(['0.5 to 1 % neem oil', 'a trace to 0.5 % castile soap']);
});

it('is alike within a tenth, both ways, and only with the same ingredients', function (float $times, bool $alike): void {
    expect(Sprays::neem()->isAlike(Sprays::neem($times), 0.1))->toBe($alike)->and(Sprays::neem($times)->isAlike(Sprays::neem(), 0.1))->toBe($alike);
})->with([[1.0, true], [1.1, true], [1.11, false], [0.91, true], [0.9, false], [2.0, false]]);

// From the least to the most of what is unsure: at most, where its most is no more than the other's least; it reaches the other unless its
// most is below the other's least in everything. Bounds themselves count.
it('is at most as strong, or may be as strong, by the ends of what is unsure', function (array $mine, array $theirs, float $slack, bool $atMost, bool $reaches): void {
    /**
     * @var array<string, float|array{float, float}> $mine
     * @var array<string, float|array{float, float}> $theirs
     */
    [$one, $other] = [Sprays::of($mine), Sprays::of($theirs)];
    expect($one->isAtMost($other, $slack))->toBe($atMost)->and($one->reaches($other, $slack))->toBe($reaches);
})->with([
    'the same' => [['neem-oil' => 1.0], ['neem-oil' => 1.0], 0.0, true, true],
    'weaker' => [['neem-oil' => 0.9], ['neem-oil' => 1.0], 0.0, true, false],
    'stronger' => [['neem-oil' => 1.1], ['neem-oil' => 1.0], 0.0, false, true],
    'stronger within the slack' => [['neem-oil' => 1.1], ['neem-oil' => 1.0], 0.11, true, true],
    'weaker within the slack' => [['neem-oil' => 0.95], ['neem-oil' => 1.0], 0.1, true, true],
    'weaker beyond the slack' => [['neem-oil' => 0.89], ['neem-oil' => 1.0], 0.1, true, false],
    'unsure up to the same' => [['neem-oil' => [0.5, 1.0]], ['neem-oil' => 1.0], 0.0, true, true],
    'unsure beyond it' => [['neem-oil' => [0.5, 1.2]], ['neem-oil' => 1.0], 0.0, false, true],
    'the other is unsure from less on' => [['neem-oil' => 0.9], ['neem-oil' => [0.8, 1.5]], 0.0, false, true],
    'stronger in one, weaker in the other' => [['neem-oil' => 1.2, 'castile-soap' => 0.2], ['neem-oil' => 1.0, 'castile-soap' => 0.3], 0.0, false, true],
    'weaker in both' => [['neem-oil' => 0.8, 'castile-soap' => 0.2], ['neem-oil' => 1.0, 'castile-soap' => 0.3], 0.0, true, false],
    'as strong in one, weaker in the other' => [['neem-oil' => 1.0, 'castile-soap' => 0.2], ['neem-oil' => 1.0, 'castile-soap' => 0.3], 0.0, true, true],
    'other things in it' => [['neem-oil' => 0.5], ['neem-oil' => 1.0, 'castile-soap' => 0.3], 0.0, false, false],
]);

it('has the times by which it is stronger from what it has most more of', function (): void {
    expect(Sprays::of(['neem-oil' => 1.0, 'castile-soap' => 1.0])->times(Sprays::of(['neem-oil' => 0.5, 'castile-soap' => 0.8])))->toEqualWithDelta(2.0, 1e-9)
        ->and(Sprays::neem()->hasSameIngredients(Sprays::of(['neem-oil' => 1.0])))->toBeFalse()
        ->and(Sprays::neem()->isAlike(Sprays::of(['neem-oil' => 0.773]), 0.1))->toBeFalse();
});

it('says one strength by itself as the lists say it', function (float $percent, string $unit, string $said): void {
    expect(Figures::strength($percent, $unit))->toBe($said);
})->with([[0.0152, '%', 'a trace'], [0.0499, '%', 'a trace'], [0.05, '%', '0.05 %'], [0.732, 'g per 100 mL', '0.73 g per 100 mL'], [0.0, '%', '0 %']]);

// A spoon that stayed empty, and a jar with nothing in it.
it('finds nothing in what holds nothing', function (): void {
    $neem = IngredientCatalogue::shipped()->get('neem-oil');
    $empty = new Mixture(0.0, [new Part($neem, 0.0, null, null)], []);
    $water = new Mixture(1000.0, [new Part($neem, 0.0, null, null)], []);
    foreach ([$empty, $water, new Mixture(0.0, [], [])] as $mixture) {
        expect(Composition::of([$mixture])->components)->toBe([])
            ->and(Composition::of([$mixture])->total())->toBe(0.0)
            ->and(Strengths::of($mixture)->groups())->toBe([])
            ->and(Strengths::of($mixture)->percent(Substance::Neem))->toBe(0.0)
            ->and(Strengths::of($mixture)->oily())->toBe(0.0);
    }
});

it('looks at one group of what is in it by itself', function (): void {
    $all = IngredientCatalogue::shipped();
    // Two percent of neem and one of kitchen oil, three of soap.
    $strengths = Strengths::of(new Mixture(940.0, [new Part($all->get('neem-oil'), 20.0, null, null), new Part($all->get('vegetable-oil'), 10.0, null, null), new Part($all->get('castile-soap'), 30.0, null, null)], []));
    $oil = $strengths->only(SubstanceGroup::Oil);
    expect([$oil->percent(Substance::Neem), $oil->percent(Substance::KitchenOil), $oil->percent(Substance::TrueSoap), $oil->oily()])->toEqualWithDelta([2.0, 1.0, 0.0, 3.0], 1e-9)
        ->and($oil->groups())->toEqualWithDelta(['oil' => 3.0], 1e-9)
        ->and($strengths->only(SubstanceGroup::Soap)->groups())->toEqualWithDelta(['soap' => 3.0], 1e-9)
        ->and($strengths->only(SubstanceGroup::Soda)->groups())->toBe([]);
});
