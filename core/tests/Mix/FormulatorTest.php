<?php

declare(strict_types=1);

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Vessel\TooManyLoads;

const GALLON = ['amount' => 1, 'unit' => '[gal_us]'];

/** @return array<string, mixed> */
function lemonTub(): array
{
    return Plans::recipe([
        ['ingredient' => 'neem-oil', 'amount' => 2, 'unit' => '[tbs_us]', 'upTo' => 4],
        ['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => '[tbs_us]'],
    ], [...GALLON, 'of' => 'water']);
}

it('scales the worked example of the open documents to its figures', function (): void {
    // The worked example that the shapes of the documents were published with.
    $plan = Plans::of(['recipe' => lemonTub(), 'make' => ['amount' => 1.5, 'unit' => '[gal_us]'], 'sprayer' => GALLON]);
    $first = $plan->groups[0]->load;

    expect($plan->whole->finished())->toEqualWithDelta(5678.117676, 1e-6)
        ->and($plan->whole->water)->toEqualWithDelta(5612.347973, 1e-6)
        ->and($plan->whole->parts[0]->millilitres)->toEqualWithDelta(43.846469, 1e-6)
        ->and($plan->whole->parts[1]->millilitres)->toEqualWithDelta(21.923234, 1e-6)
        ->and($plan->whole->parts[0]->grams())->toEqualWithDelta(40.34, 0.005)
        ->and($plan->whole->parts[1]->grams())->toEqualWithDelta(22.58, 0.005)
        ->and($plan->loadCount())->toBe(2)
        ->and($first->mixture->finished())->toEqualWithDelta(3785.411784, 1e-6)
        ->and($first->mixture->water)->toEqualWithDelta(3741.565315, 1e-6)
        ->and($first->mixture->parts[0]->millilitres)->toEqualWithDelta(29.230979, 1e-6)
        ->and($first->measured[0]->millilitres())->toEqualWithDelta(29.573530, 1e-6)
        ->and($first->measured[0]->errorPercent())->toEqualWithDelta(1.17, 0.005)
        ->and($plan->strengths->in(SubstanceGroup::Oil))->toEqualWithDelta(0.7722, 0.00005)
        ->and($plan->strengths->in(SubstanceGroup::Soap))->toEqualWithDelta(0.3861, 0.00005);
});

/** @return list<Mixture> */
function everyPart(Plan $plan): array
{
    $all = [$plan->whole];
    foreach ($plan->groups as $group) {
        $all[] = $group->load->mixture;
    }

    return $all;
}

it('adds up in every load and in all, for every shipped recipe', function (string $slug): void {
    foreach ([[0.3, false, 1.0], [1.5, true, 1.0], [9.7, false, 0.5]] as [$gallons, $highEnd, $factor]) {
        $plan = Plans::shipped($slug, $gallons, '[gal_us]', ['sprayer' => GALLON, 'highEnd' => $highEnd, 'factor' => $factor]);
        $loads = 0.0;
        foreach ($plan->groups as $group) {
            $loads += $group->count * $group->load->mixture->finished();
            expect($group->load->mixture->parts[0]->millilitres / $group->load->mixture->finished())
                ->toEqualWithDelta($plan->whole->parts[0]->millilitres / $plan->whole->finished(), 1e-12);
        }
        expect($loads)->toEqualWithDelta($plan->whole->finished(), 1e-6)
            ->and($plan->whole->finished())->toEqualWithDelta($gallons * 3785.411784, 1e-6);
        foreach (everyPart($plan) as $mixture) {
            $room = 0.0;
            foreach ($mixture->parts as $part) {
                $room += $part->ingredient->substance->isLiquid() ? $part->millilitres : 0.0;
            }
            expect($mixture->water + $room)->toEqualWithDelta($mixture->finished(), 1e-6);
        }
    }
})->with(RecipeCatalogue::shipped()->slugs());

it('fills full loads first and the remainder last', function (float $make, array $expected): void {
    $plan = Plans::shipped('mild-soap', $make, 'L', ['sprayer' => ['amount' => 2, 'unit' => 'L']]);
    $sizes = [];
    foreach ($plan->groups as $group) {
        $sizes[] = [$group->first, $group->count, round($group->load->mixture->finished(), 6)];
    }

    expect($sizes)->toEqual($expected);
})->with([
    'fits' => [1.5, [[1, 1, 1500.0]]],
    'exactly full' => [2.0, [[1, 1, 2000.0]]],
    'two full' => [4.0, [[1, 2, 2000.0]]],
    'full and a rest' => [5.0, [[1, 2, 2000.0], [3, 1, 1000.0]]],
    'no mark is read to a hundredth' => [2.02, [[1, 1, 2020.0]]],
    'a little more than that' => [2.03, [[1, 2, 1015.0]]],
    'a hardly worth remainder is shared out' => [4.19, [[1, 3, 1396.666667]]],
    'a tenth is a load' => [4.2, [[1, 2, 2000.0], [3, 1, 200.0]]],
    'a hair over two fills' => [4.01, [[1, 2, 2005.0]]],
    'no sliver from rounding' => [0.6 + 0.7 + 0.7 + 2.0, [[1, 2, 2000.0]]],
]);

it('refuses more than a thousand fills', function (): void {
    Plans::shipped('mild-soap', 1001.0, 'L', ['sprayer' => ['amount' => 1, 'unit' => 'L']]);
})->throws(TooManyLoads::class, 'at most 1000');

it('tops up to the mark for a finished basis, and adds to the water for the other', function (): void {
    $line = [['ingredient' => 'castile-soap', 'amount' => 100, 'unit' => 'mL']];
    $finished = Plans::of(['recipe' => Plans::recipe($line, ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);
    $water = Plans::of(['recipe' => Plans::recipe($line, ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L']]);

    expect($finished->strengths->in(SubstanceGroup::Soap))->toEqualWithDelta(10.0, 1e-9)
        ->and($finished->whole->water)->toEqualWithDelta(900.0, 1e-9)
        ->and($water->strengths->in(SubstanceGroup::Soap))->toEqualWithDelta(100 / 11, 1e-9);
});

it('refuses lines that do not fit into a finished basis, and says where', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'castile-soap', 'amount' => 1, 'unit' => 'L'], ['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);
    try {
        Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']]);
        expect(false)->toBeTrue('it was taken');
    } catch (InvalidDocument $e) {
        expect($e->path())->toBe('/recipe/lines')->and($e->getMessage())->toContain('1001.0 mL', 'do not fit');
    }
});

it('multiplies every line but the water', function (): void {
    $whole = Plans::of(['recipe' => lemonTub(), 'make' => GALLON])->whole;
    $half = Plans::of(['recipe' => lemonTub(), 'make' => GALLON, 'factor' => 0.5])->whole;
    $ratio = static fn(Mixture $mixture): float => $mixture->parts[0]->millilitres / $mixture->water;

    expect($ratio($half))->toEqualWithDelta($ratio($whole) / 2, 1e-12);
});

it('takes masses by density, drops by the pharmacy convention, eggs by the piece', function (): void {
    // Densities as in the catalogue; 1/20 mL a drop is the UCUM convention; 50 g an egg: USDA FoodData Central (from memory).
    $plan = Plans::of(['recipe' => Plans::recipe([
        ['ingredient' => 'neem-oil', 'amount' => 92, 'unit' => 'g'],
        ['ingredient' => 'castile-soap', 'amount' => 20, 'unit' => '[drp]'],
        ['ingredient' => 'baking-soda', 'amount' => 1, 'unit' => '[tsp_us]'],
        ['ingredient' => 'egg', 'amount' => 2, 'unit' => '1'],
    ], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);

    expect($plan->whole->parts[0]->millilitres)->toEqualWithDelta(100.0, 1e-9)
        ->and($plan->whole->parts[1]->millilitres)->toEqualWithDelta(1.0, 1e-9)
        ->and($plan->whole->parts[2]->grams())->toEqualWithDelta(4.6, 1e-9)
        ->and($plan->whole->parts[3]->grams())->toEqualWithDelta(100.0, 1e-9);
});

it('takes a stock apart in its own proportions, three deep', function (): void {
    $stock = static function (array ...$lines): array {
        /** @var list<array<string, mixed>> $lines */
        return Plans::recipe($lines, null, 'stock');
    };
    $inner = $stock(['ingredient' => 'neem-oil', 'amount' => 30, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 10, 'unit' => 'mL']);
    $middle = $stock(['stock' => $inner, 'amount' => 40, 'unit' => 'mL'], ['ingredient' => 'vegetable-oil', 'amount' => 60, 'unit' => 'mL']);
    $outer = $stock(['stock' => $middle, 'amount' => 1, 'unit' => 'L']);
    $plan = Plans::of(['recipe' => Plans::recipe([['stock' => $outer, 'amount' => 10, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']]);

    expect(array_map(static fn($part): float => round($part->millilitres, 9), $plan->whole->parts))->toBe([3.0, 1.0, 6.0])
        ->and($plan->groups[0]->load->items)->toHaveCount(1);
});

/**
 * What is said of a recipe that cannot be made; empty where it can.
 *
 * @param list<array<string, mixed>> $lines
 * @param array<string, mixed>|null  $basis
 */
function saidOf(array $lines, ?array $basis): string
{
    try {
        Plans::of(['recipe' => Plans::recipe($lines, $basis, $basis === null ? 'stock' : 'foliar'), 'make' => ['amount' => 1, 'unit' => 'L']]);
    } catch (InvalidDocument $fault) {
        return "{$fault->path()}: {$fault->getMessage()}";
    }

    return '';
}

// Powders take no room, and a litre holds a litre.
it('says what cannot be made, and why', function (array $lines, ?array $basis, string $said): void {
    /**
     * @var list<array<string, mixed>> $lines
     * @var array<string, mixed>|null  $basis
     */
    expect(saidOf($lines, $basis))->toBe($said);
})->with([
    'powder alone takes no room' => [[['ingredient' => 'baking-soda', 'amount' => 10, 'unit' => 'g']], null, '/recipe/lines: These lines take no room, so no volume can be made of them.'],
    'just as much as there is room for' => [[['ingredient' => 'isopropyl-alcohol', 'strength' => 70, 'amount' => 1, 'unit' => 'L']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], ''],
    'a little more' => [[['ingredient' => 'isopropyl-alcohol', 'strength' => 70, 'amount' => 1.1, 'unit' => 'L']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], '/recipe/lines: The lines come to 1100.0 mL and do not fit into the 1000.0 mL that the recipe makes. Use less of them, or a larger basis.'],
    'powder in water is a volume' => [[['ingredient' => 'baking-soda', 'amount' => 10, 'unit' => 'g']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], ''],
]);

it('leaves no water where the lines fill the volume', function (): void {
    $lines = [['ingredient' => 'isopropyl-alcohol', 'strength' => 70, 'amount' => 1, 'unit' => 'L']];
    $plan = Plans::of(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 2, 'unit' => 'L']]);
    expect($plan->whole->water)->toBe(0.0)->and($plan->whole->finished())->toEqualWithDelta(2000.0, 1e-9);
});
