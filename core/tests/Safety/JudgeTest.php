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

// University extension pest notes (from memory): oil 1 to 2 % on leaves in season, 2 to 4 % on dormant wood.
it('warns of oil over 2 % on leaves and over 4 % on dormant wood', function (string $use, float $ml, Level $level): void {
    expect(verdictOf(judged(['ingredient' => 'horticultural-oil', 'amount' => $ml, 'unit' => 'mL'], $use), 'oil-strength')?->level)->toBe($level);
})->with([
    ['foliar', 20.0, Level::Ok],
    ['foliar', 20.1, Level::Caution],
    ['foliar', 30.1, Level::Stop],
    ['dormant', 40.0, Level::Ok],
    ['dormant', 40.1, Level::Caution],
    ['dormant', 60.1, Level::Stop],
]);

it('holds a tender leaf to less than an ordinary one', function (string $plant, Level $level): void {
    // Common practice, no source: thin, hairy, grazed or wax-bloomed leaves bear about 1 %.
    expect(verdictOf(judged(['ingredient' => 'neem-oil', 'amount' => 15, 'unit' => 'mL'], 'foliar', $plant), 'oil-strength')?->level)->toBe($level);
})->with([
    ['ordinary-leaf', Level::Ok], ['tough-leaf', Level::Ok], ['tender-leaf', Level::Caution],
    ['hairy-leaf', Level::Caution], ['waxy-bloom-leaf', Level::Caution], ['wounded-leaf', Level::Caution],
]);

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

it('warns of soda over 1 % w/v', function (float $grams, Level $level): void {
    expect(verdictOf(judged(['ingredient' => 'baking-soda', 'amount' => $grams, 'unit' => 'g']), 'soda-strength')?->level)->toBe($level);
})->with([[10.0, Level::Ok], [10.1, Level::Caution], [15.1, Level::Stop]]);

it('stops alcohol of 40 % or more on leaves, bottle strength taken into account', function (float $ml, float $bottle, Level $level): void {
    expect(verdictOf(judged(['ingredient' => 'isopropyl-alcohol', 'amount' => $ml, 'unit' => 'mL', 'strength' => $bottle]), 'alcohol-strength')?->level)->toBe($level);
})->with([
    'just under' => [570.0, 70.0, Level::Ok],
    'at 40 %' => [400.0, 100.0, Level::Stop],
    'half of a 91 % bottle' => [500.0, 91.0, Level::Stop],
    'half of a 50 % bottle' => [500.0, 50.0, Level::Ok],
]);

it('allows strong alcohol on a swab, with care', function (): void {
    expect(verdictOf(judged(['ingredient' => 'isopropyl-alcohol', 'amount' => 900, 'unit' => 'mL', 'strength' => 70], 'spot'), 'alcohol-strength')?->level)->toBe(Level::Caution);
});

it('warns of soap above what handbooks advise', function (): void {
    // Gardening handbooks (from memory): 1 to 2 % of the spray.
    expect(verdictOf(judged(['ingredient' => 'castile-soap', 'amount' => 20, 'unit' => 'mL']), 'soap-strength')?->level)->toBe(Level::Ok)
        ->and(verdictOf(judged(['ingredient' => 'castile-soap', 'amount' => 28, 'unit' => 'mL']), 'soap-strength')?->level)->toBe(Level::Caution)
        ->and(verdictOf(judged(['ingredient' => 'castile-soap', 'amount' => 41, 'unit' => 'mL']), 'soap-strength')?->level)->toBe(Level::Stop);
});

it('says so when the spoons cannot hit the amount', function (): void {
    $plan = Plans::shipped('mild-alcohol', 1, 'L', ['measures' => [['amount' => 1, 'unit' => '[tbs_us]']]]);
    $verdict = verdictOf($plan, 'measure-coarse');

    // 2 mL wanted, a tablespoon of 14.8 mL at hand.
    expect($verdict?->level)->toBe(Level::Stop)->and($verdict?->args['wanted'])->toEqualWithDelta(2 / 1.002, 1e-9);
});

it('refuses to call a stock a spray', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 1, 'unit' => '[cup_us]']], null, 'stock');

    expect(verdictOf(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 100, 'unit' => 'mL']]), 'stock-only')?->level)->toBe(Level::Caution);
});

// Common practice, no source: 2 tbsp a gallon on leaves, 4 for a drench; a splash may be much more than was meant.
it('warns of the high end of a range where that is judged worse, and of nothing once it was asked for', function (): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 10, 'unit' => 'mL', 'upTo' => 25]], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);
    $request = ['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L']];
    $low = verdictOf(Plans::of($request), 'high-end-oil-strength');
    $narrow = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 10, 'unit' => 'mL', 'upTo' => 20]], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);

    expect($low?->level)->toBe(Level::Caution)
        ->and($low === null ? '' : Sentences::shipped()->verdict($low))->toContain('2.5 % oil, over the limit of 2 %')
        ->and(verdictOf(Plans::of([...$request, 'highEnd' => true]), 'high-end-oil-strength'))->toBeNull()
        ->and(verdictOf(Plans::of([...$request, 'highEnd' => true]), 'oil-strength')?->level)->toBe(Level::Caution)
        ->and(verdictOf(Plans::of([...$request, 'recipe' => $narrow]), 'high-end-oil-strength'))->toBeNull();
});

it('warns of what coarse measures make of a spray, and not of what a spoon is always off', function (): void {
    // 15 mL a litre by the tablespoon is 1.48 %; by the cup it is 23.7 %.
    $request = ['recipe' => Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 15, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']), 'make' => ['amount' => 1, 'unit' => 'L']];
    $cup = verdictOf(Plans::of([...$request, 'measures' => [['amount' => 1, 'unit' => '[cup_us]']]]), 'measured-oil-strength');

    expect($cup?->level)->toBe(Level::Stop)
        ->and($cup === null ? '' : Sentences::shipped()->verdict($cup))->toContain('As your measures have it')
        ->and(verdictOf(Plans::of([...$request, 'measures' => [['amount' => 1, 'unit' => '[tbs_us]']]]), 'measured-oil-strength'))->toBeNull();
});
