<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;

function verdictOf(Plan $plan, string $code): ?Verdict
{
    foreach ($plan->verdicts as $verdict) {
        if ($verdict->code === $code) {
            return $verdict;
        }
    }

    return null;
}

/** @param array<string, mixed> $line */
function judged(array $line, string $use = 'foliar', ?string $plant = null): Plan
{
    return Plans::of([
        'recipe' => Plans::recipe([$line], ['amount' => 1, 'unit' => 'L', 'of' => 'finished'], $use),
        'make' => ['amount' => 1, 'unit' => 'L'],
        ...($plant === null ? [] : ['plant' => $plant]),
    ]);
}

it('stops the stock that is taken by the cup, and passes the one by the quart', function (): void {
    expect(verdictOf(Plans::shipped('mint-oil-by-the-cup', 1, 'L'), 'oil-strength')?->level)->toBe(Level::Stop)
        ->and(verdictOf(Plans::shipped('kitchen-oil-by-the-quart', 1, 'L'), 'oil-strength')?->level)->toBe(Level::Ok);
});

it('stops a drench on leaves, and passes it on soil', function (): void {
    $onLeaf = verdictOf(Plans::shipped('empty-bed-neem-drench', 1, 'L', ['plant' => 'ordinary-leaf']), 'drench-on-leaves');
    $onSoil = verdictOf(Plans::shipped('empty-bed-neem-drench', 1, 'L', ['plant' => 'soil']), 'drench-on-leaves');

    expect($onLeaf?->level)->toBe(Level::Stop)->and($onSoil?->level)->toBe(Level::Ok)
        ->and(verdictOf(Plans::shipped('winter-wood-oil', 1, 'L', ['plant' => 'ordinary-leaf']), 'winter-oil-on-leaves')?->level)->toBe(Level::Stop);
});

it('takes the strength of the bottle into account', function (float $ml, float $bottle, Level $level): void {
    expect(verdictOf(judged(['ingredient' => 'isopropyl-alcohol', 'amount' => $ml, 'unit' => 'mL', 'strength' => $bottle]), 'alcohol-strength')?->level)->toBe($level);
})->with([
    '200 mL of 99 % are 19.8 %' => [200.0, 99.0, Level::Ok],
    '400 mL of 50 % are 20 %' => [400.0, 50.0, Level::Ok],
    'half of a 70 % bottle' => [500.0, 70.0, Level::Caution],
    'half of a 91 % bottle' => [500.0, 91.0, Level::Stop],
]);

it('says so when the spoons cannot hit the amount', function (): void {
    $plan = Plans::shipped('mild-alcohol', 1, 'L', ['measures' => [['amount' => 1, 'unit' => '[tbs_us]']]]);
    $verdict = verdictOf($plan, 'measure-coarse');

    // 2 mL wanted, a tablespoon of 14.8 mL at hand.
    expect($verdict?->level)->toBe(Level::Caution)->and($verdict?->args['wanted'])->toEqualWithDelta(2 / 1.002, 1e-9);
});

it('refuses to call a stock a spray', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[cup_us]']], null, 'stock');

    expect(verdictOf(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 100, 'unit' => 'mL']]), 'stock-only')?->level)->toBe(Level::Caution);
});

// Common practice, no source: 2 tbsp a gallon on leaves, 4 for a drench.
it('judges the high end of a range only where it was asked for', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 10, 'unit' => 'mL', 'upTo' => 15]], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);
    $request = ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']];
    expect(verdictOf(Plans::of($request), 'neem-strength')?->level)->toBe(Level::Ok)
        ->and(array_filter(Plans::of($request)->verdicts, static fn(Verdict $one): bool => $one->level !== Level::Ok && str_contains($one->code, 'neem')))->toBe([])
        ->and(verdictOf(Plans::of([...$request, 'highEnd' => true]), 'neem-strength')?->level)->toBe(Level::Caution);
});

// Common practice, no source: up to a tenth is no matter, to a quarter it is minded; ten times as much is another spray.
it('says how far spoons are off, and minds it from a tenth on', function (float $ml, Level $level): void {
    $plan = Plans::of(['recipe' => Plans::recipe([['ingredient' => 'castile-soap', 'amount' => $ml, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => [['amount' => 5, 'unit' => 'mL']]]);
    expect(verdictOf($plan, 'measure-coarse')->level ?? Level::Ok)->toBe($level);
})->with([
    'true' => [5.0, Level::Ok], 'a twelfth too much' => [4.6, Level::Ok], 'an eighth too much' => [4.4, Level::Caution], 'a tenth too little' => [5.5, Level::Ok],
    'six times too much, of what harms nobody' => [0.8, Level::Caution], 'ten times too much' => [0.5, Level::Stop],
]);

it('warns of what coarse measures make of a spray, and not of what a spoon is always off', function (): void {
    // 10.5 mL a litre by the tablespoon is 1.48 %, over the 1.1 % of neem; by the teaspoon 0.99 %; by the cup it is 23.7 %.
    $request = ['recipe' => Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 10.5, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']];
    $cup = verdictOf(Plans::of([...$request, 'measures' => [['amount' => 1, 'unit' => '[cup_us]']]]), 'measured-neem-strength');

    expect($cup?->level)->toBe(Level::Stop)
        ->and($cup === null ? '' : Sentences::shipped()->verdict($cup))->toContain('By your spoons')
        ->and(verdictOf(Plans::of([...$request, 'measures' => [['amount' => 1, 'unit' => '[tbs_us]']]]), 'measured-neem-strength')?->level)->toBe(Level::Caution)
        ->and(verdictOf(Plans::of([...$request, 'measures' => [['amount' => 1, 'unit' => '[tsp_us]']]]), 'measured-neem-strength'))->toBeNull();
});
