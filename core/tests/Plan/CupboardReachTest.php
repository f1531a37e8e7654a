<?php

declare(strict_types=1);

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Mix\Equivalents;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plan\Comparison;
use IdleMixer\Core\Plan\CupboardReach;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Tests\Support\Plans;

it('reaches just as far as what runs out first', function (string $slug): void {
    $whole = Plans::shipped($slug, 3.0, 'L')->whole;
    $left = [];
    foreach ($whole->parts as $i => $part) {
        $left[$part->ingredient->slug] = ($left[$part->ingredient->slug] ?? 0.0) + $part->millilitres * (0.4 + 0.2 * $i);
    }
    $reach = CupboardReach::of($whole, $left);
    expect($reach->finished)->not->toBeNull();

    // Made to that volume, nothing is needed beyond what is left, and of one thing all of it.
    $needed = [];
    foreach ($whole->times(($reach->finished ?? 0.0) / $whole->finished())->parts as $part) {
        $needed[$part->ingredient->slug] = ($needed[$part->ingredient->slug] ?? 0.0) + $part->millilitres;
    }
    foreach ($needed as $ingredient => $millilitres) {
        expect($millilitres)->toBeLessThanOrEqual($left[$ingredient] * (1 + 1e-9));
    }
    expect($needed[(string) $reach->limiting])->toEqualWithDelta($left[(string) $reach->limiting], 1e-9 * $left[(string) $reach->limiting]);
})->with(RecipeCatalogue::shipped()->slugs());

it('says nothing of what is not in the spray', function (): void {
    expect(CupboardReach::of(Plans::shipped('mild-soap', 1.0, 'L')->whole, ['neem-oil' => 40.0])->finished)->toBeNull();
});

// Common practice, no source: people quote amount by water, 2 tbsp per gallon 0.781 %, and mean 0.775 % of the whole.
it('keeps percent of the whole and parts of water apart', function (): void {
    $mixture = Plans::shipped('neem-by-the-gallon', 1.0, '[gal_us]')->whole;
    $ways = Equivalents::of($mixture, $mixture->parts[0]);

    expect($ways->percent)->toEqualWithDelta(0.775, 0.0005)
        ->and($ways->tablespoonsPerGallon)->toEqualWithDelta(2.0, 1e-9)
        ->and($ways->partsWater)->toEqualWithDelta(128.0, 1e-9)
        ->and(100.0 / $ways->partsWater)->toEqualWithDelta(0.781, 0.0005)
        ->and($ways->perLitre)->toEqualWithDelta(7.8125, 1e-9)
        // Each from another, by their definitions alone.
        ->and($ways->percent)->toEqualWithDelta(100.0 / ($ways->partsWater + 1.0), 1e-9)
        ->and($ways->grams)->toEqualWithDelta($ways->millilitres * 0.92, 1e-9);
});

// By hand: so many mL of soap in a litre in all, twice. The line is our own: half as strong again is another spray.
it('draws its line where one is half as strong again', function (float $one, float $other, string $wording): void {
    $soap = static fn(float $ml): Recipe => BenchReader::shipped()->recipe(JsonText::parse(json_encode(Plans::recipe([['ingredient' => 'castile-soap', 'amount' => $ml, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), \JSON_THROW_ON_ERROR)));
    $verdict = Comparison::of(new Formulator(), $soap($one), $soap($other), Volume::of(1, Unit::Litre))->verdicts()[0];
    expect([$verdict->finding->value, $verdict->level === Level::Caution])->toBe([$wording, $wording === 'compare-apart'])
        ->and($verdict->args['times'])->toEqualWithDelta(max($one, $other) / min($one, $other), 1e-9);
})->with([[10.0, 15.1, 'compare-apart'], [15.1, 10.0, 'compare-apart'], [10.0, 14.9, 'compare-alike'], [10.0, 10.1, 'compare-alike'], [10.0, 10.04, 'compare-same']]);

it('tells recipes apart that are apart, whichever stands first', function (): void {
    $catalogue = RecipeCatalogue::shipped();
    $compare = static fn(string $left, string $right): Comparison => Comparison::of(new Formulator(), $catalogue->get($left), $catalogue->get($right), Volume::of(1, Unit::UsQuart));
    $there = $compare('kitchen-oil-by-the-quart', 'mint-oil-by-the-cup');
    $back = $compare('mint-oil-by-the-cup', 'kitchen-oil-by-the-quart');

    expect($there->verdicts()[0]->level)->toBe(Level::Caution)
        ->and($there->verdicts()[0]->args['times'])->toEqualWithDelta($back->verdicts()[0]->args['times'], 1e-9)
        ->and($there->verdicts()[0]->args['strong'])->toBe('Mint kitchen oil, by the cup')
        ->and($back->verdicts()[0]->args['strong'])->toBe('Mint kitchen oil, by the cup')
        ->and($there->first->finished())->toEqualWithDelta($there->second->finished(), 1e-9)
        ->and(array_unique(array_map(static fn($verdict): string => $verdict->finding->value, $compare('mild-soap', 'mild-soap')->verdicts())))->toBe(['compare-same']);
    // No line for what is in neither.
    $groups = static fn(string $left, string $right): array => array_map(static fn(array $one): string => $one['what']->value, $compare($left, $right)->strengths);
    expect($groups('plain-soap', 'mild-soap'))->toBe(['soap'])
        ->and($groups('plain-soap', 'neem-leaf-quart'))->toEqualCanonicalizing(['oil', 'soap']);
});
