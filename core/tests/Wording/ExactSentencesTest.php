<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\MeasuredIn;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Vessel\Need;
use IdleMixer\Core\WayOut\Bounds;
use IdleMixer\Core\WayOut\Slips;
use IdleMixer\Core\WayOut\WayOut;
use IdleMixer\Core\Wording\LeafWords;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\NeedWords;
use IdleMixer\Core\Wording\WayOutWords;
use IdleMixer\Core\Writing\PlanWriter;

/*
 * Whole sentences, with figures that were worked out by hand beside them: a wrong number in a right sentence is the worst kind.
 */

/**
 * @param array<string, float> $lines mL of each, in 4 L of finished spray
 *
 * @return list<string> title and text of each way out, best first
 */
function waysSaid(array $lines, float $capacity, Slips $slips, Unit $unit = Unit::Litre): array
{
    $each = [];
    foreach ($lines as $slug => $ml) {
        $each[] = ['ingredient' => $slug, 'amount' => $ml, 'unit' => 'mL'];
    }
    $load = Plans::of(['recipe' => Plans::recipe($each, ['amount' => 4, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 4, 'unit' => 'L']])->groups[0]->load;
    $ceilings = new Ceilings(Limits::shipped());
    $out = new WayOut(new Bounds($ceilings->of(Target::of(RecipeUse::Foliar, null)), $capacity), $ceilings->of(Target::of(RecipeUse::Drench, ToleranceCatalogue::shipped()->emptyBed())), Kit::kitchen()->planner());

    return array_map(static fn($remedy): string => implode(': ', WayOutWords::shipped()->remedy($remedy, $load, $unit)), $out->remedies($load, $slips));
}

const BIN = 'Throw it away and start again: Pour it onto bare ground away from plants, ponds, drains and gutters, or as your local rules for garden chemicals have it. Rinse the sprayer.';
const BED = 'Use it as a drench: It is too strong for leaves, and no stronger than what is drenched into empty beds. Pour it onto bare soil, on no leaf and no root you want to keep, and wait about three days before planting.';

it('says what to pour and to count where a quarter too much oil went in', function (): void {
    // 50 mL for 40: as strong as planned in 5 L. A fifth poured off leaves 40 mL of oil and 6.4 of 8 mL of soap: 1.6 are missing, which
    // 1 mL and an eighth of a teaspoon (0.616 mL) come nearest to; 800 less 1.6 mL of water fill it up again.
    expect(waysSaid(['neem-oil' => 40.0, 'castile-soap' => 8.0], 6000.0, new Slips(['neem-oil' => [50.0, 50.0]])))->toBe([
        'Add water: Add 1 L of water. Then 5 L stand in the sprayer. Shake it again. It comes back to the planned strength.',
        'Make it a bigger batch: Add 2 × dropper to 1 mL of castile soap (2 mL), then 998 mL of water, up to the 5 L mark: the same strength as planned, only more of it. Shake it again. It comes back to the planned strength.',
        'Pour off and top up: Shake it, pour 800 mL off into a labelled can, then add dropper to 1 mL + ⅛ tsp of castile soap (1.62 mL), then 798 mL of water, up to the 4 L mark. What you poured off is as strong as before: no leaf, pond or drain gets it. It comes back to the planned strength.',
        BED,
        BIN,
    ]);
});

it('says it in the measures of the household', function (): void {
    // 15 mL of soap were left out: a tablespoon is 14.79 mL, and 4014.79 mL are 1.0606 US gal.
    expect(waysSaid(['neem-oil' => 30.0, 'castile-soap' => 15.0], 5000.0, new Slips(['castile-soap' => [0.0, 0.0]]), Unit::UsGallon))->toBe([
        'Add what is missing: Add 1 tbsp of castile soap (14.8 mL). Then 1.06 US gal (4.01 L) stand in the sprayer. Shake it again as at the start. It comes back to the planned strength.',
        BIN,
    ]);
});

it('says what water was short, and what the spray is as it stands', function (): void {
    // 3952 mL of water were meant and 2952 are in: a litre. To 3 L, three quarters of 40 mL are wanted: a quarter goes.
    expect(waysSaid(['neem-oil' => 40.0, 'castile-soap' => 8.0], 4000.0, new Slips([], 2952.0)))->toBe([
        'Add what is missing: Add 1 L of water. Then 4 L stand in the sprayer. Shake it again as at the start. It comes back to the planned strength.',
        'Pour off and top up: Shake it, pour 750 mL off into a labelled can, then add 750 mL of water, up to the 3 L mark. What you poured off is as strong as before: no leaf, pond or drain gets it. It comes back to the planned strength.',
        BED,
        BIN,
    ]);
    // Half of the oil and nothing left in the bottle.
    expect(waysSaid(['neem-oil' => 40.0, 'castile-soap' => 8.0], 4000.0, new Slips(['neem-oil' => [20.0, 20.0]], null, ['neem-oil'])))->toBe([
        'Use it after a leaf test: It is no stronger than the plant bears: oil about half as strong as planned, soap as strong as planned. With so little oil it smothers little. Test two leaves first. Write its strength on the sprayer, not the recipe’s.',
        BIN,
    ]);
});

/**
 * @param list<float> $shares percent of each leaf: the sprayed ones, the one with water, the untouched one
 * @param list<float> $rungs
 */
function leafSaid(float $hours, ?float $looked = null, array $shares = [], array $rungs = [1.0], int $each = 3): string
{
    $began = new DateTimeImmutable('2026-06-01T18:00:00Z');
    $after = static fn(float $hours): DateTimeImmutable => $began->modify(sprintf('+%d minutes', (int) round(60 * $hours)));
    $seen = array_map(static fn(int $i, float $share): SeenLeaf => new SeenLeaf($i + 1, $share, $share, $share), array_keys($shares), $shares);

    return LeafWords::shipped()->outcome(new LeafTest($began, 48, TestLeaves::of($each, $rungs, true), $looked === null ? [] : [new LeafLook($after($looked), $seen)]), $after($hours));
}

it('says how long the leaves wait yet, and what they tell', function (): void {
    // Exact upper bound of none of n: 1 - 0.05^(1/n), which is 63 % of three and 78 % of two.
    expect(leafSaid(0.0))->toBe('Wait: 48 hours to go. Some harm shows only after a day or two.')
        ->and(leafSaid(30.5))->toStartWith('Wait: 18 hours to go.')
        ->and(leafSaid(47.5))->toStartWith('Wait: 30 minutes to go.')
        ->and(leafSaid(47.0 + 59 / 60))->toStartWith('Wait: 1 minute to go.')
        ->and(leafSaid(48.0))->toBe('The wait is over: look at the leaves now and say how they are.')
        ->and(leafSaid(49.0, 48.0, [0.0, 0.5, 0.0, 0.0, 0.0]))->toBe('Go: none of 3 leaves is hurt over 1 %. Still two leaves in three may burn: start with one branch, and look after three days.')
        ->and(leafSaid(31.0, 30.0, [3.0, 0.0, 0.0, 0.0, 0.0]))->toBe('Slightly marked: 3 % of the worst leaf, over 1 %. Test half strength before you spray.')
        ->and(leafSaid(31.0, 30.0, [12.0, 0.0, 0.0, 0.0, 0.0]))->toBe('12 % of the worst leaf is hurt, where 5 % is the most, or it hangs or fell. Test half strength, or choose another.')
        ->and(leafSaid(50.0, 49.0, [12.0, 9.0, 9.0, 9.0, 8.0]))->toBe('It says nothing: 9 % of the leaf without spray is hurt too, where 5 % is the most. Test again on a healthy plant.')
        ->and(leafSaid(50.0, 49.0, [12.0, 9.0, 0.0, 0.0, 0.0, 0.0], [1.0, 0.5], 2))->toBe('Go weaker: at full strength 12 % was hurt, over 1 %. At half none of 2 leaves was, though four leaves in five may burn.');
});

it('says which loads are meant', function (): void {
    $said = static fn(float $make, float $sprayer): array => array_values(array_unique(array_map(static fn(string $step): string => preg_replace('/^((Loads? [^:]*): )?.*$/s', '$2', $step) ?? '', PlanWriter::shipped()->write(Plans::shipped('mild-soap', $make, 'L', ['sprayer' => ['amount' => $sprayer, 'unit' => 'L']]))->steps)));
    expect($said(4.0, 4.0))->toBe([''])
        ->and($said(8.0, 4.0))->toBe(['Loads 1 to 2 of 2'])
        // 8.2 L: the last fifth of a litre is no load of its own.
        ->and($said(8.2, 4.0))->toBe(['Loads 1 to 3 of 3'])
        ->and($said(9.0, 4.0))->toBe(['Loads 1 to 2 of 3', 'Load 3 of 3'])
        ->and($said(5.0, 4.0))->toBe(['Load 1 of 2', 'Load 2 of 2']);
});

it('says what a need was reckoned from, in the units in which it was measured', function (): void {
    $said = static fn(Need $need): string => NeedWords::shipped()->of($need) . ' = ' . Measures::metric($need->millilitres);
    expect($said(Need::ofPlants(3, 250.0, 'bushes and tomatoes, to the hip')))->toBe('3 × bushes and tomatoes, to the hip, 250 mL each (our own figure) = 750 mL')
        // 2 x 1 x 0.1 m hold 200 L, of which a tenth.
        ->and($said(Need::ofBed(2.0, 1.0, 10.0, 0.1)))->toBe('a bed of 2 by 1 m, wetted 10 cm deep: soil this dry takes up 10 % of its volume (our own figure) = 20 L')
        // 10 x 4 x 0.5 ft are 20 cubic feet of 28.3168 L each, of which 18 %: 101.9 L.
        ->and($said(Need::ofBed(10.0, 4.0, 6.0, 0.18, MeasuredIn::Feet)))->toBe('a bed of 10 by 4 ft, wetted 6 in deep: soil this dry takes up 18 % of its volume (our own figure) = 102 L')
        ->and($said(Need::ofPots(2, 5000.0, 0.1)))->toBe('2 pots of 5 L: soil this dry takes up 10 % of its volume (our own figure) = 1 L')
        ->and($said(Need::ofPots(1, 5000.0, 0.1)))->toBe('1 pot of 5 L: soil this dry takes up 10 % of its volume (our own figure) = 500 mL')
        ->and($said(Need::ofUse('last', 900.0, 3, 5)))->toBe('900 mL did 3 plants last time; now 5 = 1.5 L')
        ->and($said(Need::ofUse('trial', 250.0, 1, 4)))->toBe('250 mL of plain water did 1 plant; now 4 = 1 L')
        ->and($said(Need::leftBehind(40.0)))->toBe('40 mL that stay in the sprayer = 40 mL');
});
