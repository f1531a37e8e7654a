<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\History;
use IdleMixer\Core\Batch\Made;
use IdleMixer\Core\Measure\Measure;
use IdleMixer\Core\Measure\PreDilution;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Batches;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;

/*
 * What is too little for the spoons is thinned in the steps: so much of it in so much water, and so much of that. Common practice, no
 * source; the figures are reckoned by hand. The four spoons of a US kitchen: 14.787, 4.929, 2.464 and 1.232 mL.
 */
const KITCHEN_SPOONS = [['amount' => 1, 'unit' => '[tbs_us]'], ['amount' => 1, 'unit' => '[tsp_us]'], ['amount' => 0.5, 'unit' => '[tsp_us]'], ['amount' => 0.25, 'unit' => '[tsp_us]']];

function litreOf(string $ingredient, float $ml, string $beside = 'vegetable-oil'): Plan
{
    $recipe = Plans::recipe([['ingredient' => $beside, 'amount' => 14.787, 'unit' => 'mL'], ['ingredient' => $ingredient, 'amount' => $ml, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);

    return Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => KITCHEN_SPOONS]);
}

/** @return list<string> the steps that take up an ingredient */
function stepsWith(Plan $plan, string $item): array
{
    $all = [];
    foreach ($plan->groups[0]->steps as $step) {
        if ($step->item === $item) {
            $all[] = Sentences::shipped()->step($step, $plan->groups[0]->load, $plan->bench->unit);
        }
    }

    return $all;
}

it('thins in the steps what is too little for the spoons, and says so without alarm', function (string $ingredient, float $ml, bool $thinned): void {
    $plan = litreOf($ingredient, $ml);
    $item = $plan->groups[0]->load->items[$ingredient];
    expect($item->measured->thinned !== null)->toBe($thinned)
        ->and(abs($item->millilitres() - $item->measured->millilitres()) / $item->millilitres())->toBeLessThanOrEqual($thinned ? 0.0501 : 0.10)
        // The open plan has the nearest that the spoons make of it, whole counts of what there is.
        ->and($plan->groups[0]->load->measured[1]->thinned)->toBeNull()
        ->and(count(stepsWith($plan, $ingredient)))->toBe(1)
        ->and(str_contains(stepsWith($plan, $ingredient)[0], 'of water'))->toBe($thinned);
    $coarse = array_values(array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->code === 'measure-coarse'));
    expect(array_map(static fn(Verdict $one): Level => $one->level, $coarse))->each->toBe(Level::Ok);
})->with([
    'a tenth of a mL, ten times less than the smallest spoon' => ['dish-detergent', 0.1, true],
    'half a mL' => ['castile-soap', 0.5, true],
    'three mL, between two spoons' => ['castile-soap', 3.0, true],
    'a teaspoon' => ['castile-soap', 4.929, false],
    'a little more than a quarter of one' => ['castile-soap', 1.3, false],
]);

// 96 g of soda dissolve in a litre at 20 °C (CRC handbook, from memory), and a mL in the spoon weighs 0.9333 g: a mL of the clear brings 0.10286 mL.
it('takes soda from the clear of a jar where there is nothing but a dropper', function (float $wanted, ?int $fills, ?float $ml): void {
    $dropper = array_map(static fn(int $tenths): Measure => Measure::dropper(Amount::of($tenths / 10.0, Unit::Millilitre), 'dropper'), range(1, 10));
    $way = PreDilution::saturated([Measure::holding(Amount::of(90.0, Unit::Millilitre)), ...$dropper], $wanted, 0.9333);
    expect($way?->use->count)->toBe($fills)->and($ml === null ? $way : round((float) $way?->millilitres(), 4))->toBe($ml)
        ->and($way?->dose)->toBeNull()->and($way?->fills())->toBe($fills);
})->with([
    'a mL of it' => [0.10286, 1, 0.1029],
    // 6.9 mL of it are wanted: seven of 1 mL are 1.4 % more.
    'seven of them' => [0.71, 7, 0.72],
    // 7.8 mL: eight of 1 mL are 2.7 % more.
    'eight of them' => [0.80, 8, 0.8229],
    'more than eight' => [0.90, null, null],
]);

it('reckons what a spoon of the thinned brings', function (): void {
    // ¼ tsp in so much water, and so much of that: share times what is taken is what was wanted, within 5 %.
    $measured = litreOf('dish-detergent', 0.1)->groups[0]->load->items['dish-detergent']->measured;
    $way = $measured->thinned;
    assert($way?->dose !== null && $way->water !== null);
    $mix = $way->dose->millilitres() + $way->water->millilitres();
    $share = $way->dose->millilitres() / $mix;
    expect($measured->millilitres())->toEqualWithDelta($share * $way->use->millilitres(), 1e-9)
        ->and($measured->millilitres())->toEqualWithDelta(0.1, 0.005)
        ->and($way->use->millilitres())->toBeLessThanOrEqual($mix);
});

it('thins no oil, no egg and nothing of a stock', function (): void {
    // Oil does not mix with water: neem that no spoon measures stays a caution, and a tenfold of it a stop.
    $level = static fn(Plan $plan): ?Level => array_values(array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->code === 'measure-coarse'))[0]->level ?? null;
    expect($level(litreOf('neem-oil', 2.0, 'castile-soap')))->toBe(Level::Caution)
        ->and($level(litreOf('neem-oil', 0.1, 'castile-soap')))->toBe(Level::Stop);
});

it('counts a tick of the thinned for what it brings, in a batch and after a reload', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'vegetable-oil', 'amount' => 14.787, 'unit' => 'mL'], ['ingredient' => 'dish-detergent', 'amount' => 0.1, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);
    $batch = Batches::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => KITCHEN_SPOONS]);
    $made = Made::of($batch, new History(Batches::at(0), Batches::ticks($batch), [], [], null, null, mixed: [Batches::at(30)]));
    expect($made->composition()->components['dish-detergent']->high)->toEqualWithDelta(0.01, 0.0006)->and($made->ticked)->toBe($made->planned);
});
