<?php

declare(strict_types=1);

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Run\RunLoads;
use IdleMixer\Core\Run\RunPlan;
use IdleMixer\Core\Run\RunSpray;
use IdleMixer\Core\Run\RunStep;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\RunWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;

/**
 * @param list<string> $tapped
 *
 * @return list<string>
 */
function keysOf(RunPlan $plan, array $tapped = []): array
{
    return array_map(static fn(RunStep $step): string => $step->key, $plan->steps($tapped));
}

/** @param int|null $standing loads that stood mixed when the walk began, null for all; `$mixed` those that are mixed by now */
function planFor(string $slug, int $loads = 1, bool $rinses = false, ?int $standing = null, ?int $mixed = null, bool $byHand = false, bool $inBucket = false): RunPlan
{
    $catalogue = RecipeCatalogue::shipped();

    $made = (new Formulator())->scaledTo(Amount::of(1.0, Unit::Litre)->volume(), $catalogue->get($slug));

    return RunPlan::of(new RunLoads(array_fill(0, max(1, $loads), '1 L'), $standing ?? $loads, $mixed ?? $standing ?? $loads), [7 => 'Rose', 3 => 'Lemon', 9 => 'Bay'], RunSpray::of($catalogue->get($slug)->use, Load::of($made, Kit::kitchen()->planner()), $catalogue->method($slug), $byHand, $inBucket), $rinses);
}

// Common practice, no source: gloves, knock back, look at the mix, fill, shake, plant by plant, soak and brush and rinse by school,
// wash, the rest. Alcohol, soap and a brush soak 10 to 15 minutes; mild soap and mild alcohol are rinsed off after 20.
it('walks through the bed in the order of the work', function (string $slug, bool $rinses, array $keys): void {
    expect(keysOf(planFor($slug, 1, $rinses)))->toBe($keys);
})->with([
    'oil, left on' => ['fine-paraffin-mist', false, ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'plant-3', 'plant-9', 'aftercare', 'wash', 'rest']],
    'soaked, brushed, soaked once more, rinsed, fresh soil' => ['alcohol-soap-and-brush', true, ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'plant-3', 'plant-9', 'soak', 'brush', 'second-soak', 'rinse', 'aftercare', 'wash', 'rest']],
    'rinsed after 20 minutes' => ['mild-soap', true, ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'plant-3', 'plant-9', 'soak', 'rinse', 'wash', 'rest']],
    'the same, left on' => ['mild-soap', false, ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'plant-3', 'plant-9', 'wash', 'rest']],
    'poured, and the saucer emptied' => ['weak-pot-drench', true, ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'plant-3', 'plant-9', 'aftercare', 'wash', 'rest']],
]);

it('soaks as long as practice has it', function (): void {
    $soak = static fn(string $slug): ?int => array_values(array_filter(planFor($slug, 1, true)->steps([]), static fn(RunStep $step): bool => $step->key === 'soak'))[0]->minutes;
    expect([$soak('alcohol-soap-and-brush'), $soak('mild-soap')])->toBe([10, 20]);
});

it('goes on where it was left, whatever the order of the taps', function (): void {
    $plan = planFor('plain-soap');
    expect($plan->current([])?->key)->toBe('protect')
        ->and($plan->current(['protect', 'knock-back', 'check', 'shake-1', 'plant-7'])?->key)->toBe('plant-3')
        ->and($plan->current(['plant-7', 'shake-1', 'check', 'protect', 'knock-back'])?->key)->toBe('plant-3')
        ->and($plan->current(keysOf($plan)))->toBeNull();
});

it('mixes the next load once the last one ran empty, and fills nothing that was mixed into the sprayer', function (): void {
    $before = ['protect', 'knock-back', 'check', 'shake-1', 'plant-7', 'empty-1-3'];
    // One of two loads was mixed: the other is mixed where the first ran empty, and that fills the sprayer.
    expect(array_slice(keysOf(planFor('plain-soap', 2, standing: 1), $before), 4, 5))->toBe(['plant-7', 'mix-2', 'shake-2', 'plant-3', 'plant-9'])
        ->and(planFor('plain-soap', 2, standing: 1)->current($before)?->key)->toBe('mix-2')
        // It is mixed on its own screen, and not by a tap.
        ->and(planFor('plain-soap', 2, standing: 1)->current([...$before, 'mix-2'])?->key)->toBe('mix-2')
        ->and(planFor('plain-soap', 2, standing: 1, mixed: 2)->current($before)?->key)->toBe('shake-2')
        ->and(planFor('plain-soap', 3, standing: 1, mixed: 2)->current([...$before, 'shake-2', 'empty-2-3'])?->key)->toBe('mix-3')
        // Both stand in a bucket: the sprayer is filled from it.
        ->and(planFor('plain-soap', 2)->current($before)?->key)->toBe('fill-2')
        ->and(RunWords::shipped()->step(planFor('plain-soap', 2, standing: 1)->steps($before)[5], ['spoons' => '2 tsp soap'])['say'])->toBe('Mix load 2 of 2: 1 L.');
});

it('takes hand work for done where somebody did it, and lets it be left out', function (): void {
    $plan = planFor('plain-soap');
    expect($plan->current(['protect', RunPlan::LEFT_OUT . 'knock-back'])?->key)->toBe('check')
        ->and($plan->canLeaveOut(['protect']))->toBe('knock-back')
        ->and($plan->canLeaveOut([]))->toBeNull()
        ->and($plan->canLeaveOut(['protect', 'knock-back']))->toBeNull();
});

// Common practice, no source: what is found infested on the way is not sprayed with the others.
it('lets a plant be left out, and goes on with the next', function (): void {
    $before = ['protect', 'knock-back', 'check', 'shake-1'];
    $plan = planFor('plain-soap');
    expect($plan->canLeaveOut($before))->toBe('plant-7')
        ->and($plan->current([...$before, RunPlan::LEFT_OUT . 'plant-7'])?->key)->toBe('plant-3');
});

// Common practice, no source: what is stirred stands open, a swab is wetted from a jar, gas bursts what is closed, water and soap show no ring.
it('moves what is in the hand as that is moved, and looks for a ring where there is oil', function (string $slug, string $move, string $check, string $wash): void {
    $said = array_map(static fn(RunStep $step): string => implode(' ', RunWords::shipped()->step($step, ['again' => '', 'batch' => 'It', 'mixed' => 'now'])), planFor($slug)->steps([]));
    expect(implode("\n", array_slice($said, 2, 2)))->toContain($move)->toContain($check)->and($said[count($said) - 2])->toContain($wash);
})->with([
    'oil in a sprayer' => ['neem-leaf-quart', 'Close it and shake hard.', 'No ring, no beads of oil.', 'Wash the sprayer.'],
    'soap in a sprayer' => ['plain-soap', 'Close it and shake hard.', 'Look at it.', 'Wash the sprayer.'],
    'a jar for swabs' => ['half-alcohol-swab', 'Close the jar and turn it over once.', 'Look at it.', 'Close the jar.'],
    'succulents' => ['gentle-neem', 'Close it and swirl it until it is even.', 'No ring, no beads of oil.', 'Wash the sprayer.'],
    'a can to pour from' => ['weak-pot-drench', 'Stir it well.', 'No ring, no beads of oil.', 'Rinse the can.'],
    'peroxide' => ['peroxide-in-turn', 'Stir it; do not close it.', 'Look at it.', 'Wash the sprayer.'],
]);

it('fills the next load before the plant that was waiting when the last one ran empty', function (): void {
    $plan = planFor('plain-soap', 3);
    $before = ['protect', 'knock-back', 'check', 'shake-1', 'plant-7'];
    expect($plan->canRunEmpty([]))->toBeNull()
        ->and($plan->canRunEmpty($before))->toBe(1)
        ->and(array_slice(keysOf($plan, [...$before, 'empty-1-3']), 4, 5))->toBe(['plant-7', 'fill-2', 'shake-2', 'plant-3', 'plant-9'])
        ->and($plan->current([...$before, 'empty-1-3'])?->key)->toBe('fill-2')
        // Twice at the same plant, then no more is there.
        ->and(array_slice(keysOf($plan, [...$before, 'empty-1-3', 'empty-2-3']), 4, 7))->toBe(['plant-7', 'fill-2', 'shake-2', 'fill-3', 'shake-3', 'plant-3', 'plant-9'])
        ->and($plan->canRunEmpty([...$before, 'empty-1-3', 'fill-2', 'shake-2', 'empty-2-3', 'fill-3', 'shake-3']))->toBeNull()
        ->and(planFor('plain-soap')->canRunEmpty($before))->toBeNull();
});

it('says every step in words, with nothing left open', function (): void {
    $known = ['plants' => 'Aphids on Rose.', 'chores' => 'Wash it.', 'care' => 'Shade it.', 'batch' => 'Plain soap', 'mixed' => '1 hour ago', 'spoons' => '2 tbsp soap', 'again' => 'Shake again every 2 minutes.', 'rest' => 'On bare soil.'];
    foreach ([planFor('alcohol-soap-and-brush', 2, true), planFor('weak-pot-drench')] as $plan) {
        foreach ($plan->steps(['empty-1-3']) as $step) {
            foreach (RunWords::shipped()->step($step, $known) as $sentence) {
                expect(preg_match('/\A[^{}]+\z/', $sentence))->toBe(1, $sentence);
            }
        }
    }
    // What stands mixed is filled no second time; the second load is.
    expect(array_filter(keysOf(planFor('plain-soap', 2), []), static fn(string $key): bool => str_starts_with($key, 'fill-')))->toBe([])
        ->and(RunWords::shipped()->step(planFor('plain-soap', 2)->steps(['empty-1-3'])[5], $known)['say'])->toBe('Fill load 2 of 2: 1 L.');
});

// Common practice, no source: leaves from below, bare wood to the drip while it is dry and no frost comes, single insects by touch, a drench onto soil.
it('says of a plant, and of how it is put on, what goes with the spray', function (string $slug, string $plant, string $how): void {
    $step = array_values(array_filter(planFor($slug)->steps([]), static fn(RunStep $step): bool => $step->key === 'plant-3'))[0];
    expect(RunWords::shipped()->step($step, [])['say'])->toBe($plant)->and(RunWords::shipped()->step($step, [])['more'])->toStartWith('Plant 2 of 3.')
        ->and(RunWords::shipped()->how(RecipeCatalogue::shipped()->get($slug)->use))->toBe($how);
})->with([
    ['plain-soap', 'Lemon: from the bottom up, undersides first.', 'Undersides first, from the bottom up. No sun on wet leaves, no open flowers.'],
    ['winter-wood-oil', 'Lemon: all the wood, to the drip.', 'All the wood, to the drip. Dry bark, and no frost for two days.'],
    ['half-alcohol-swab', 'Lemon: touch each insect with the swab.', 'Touch each insect with the swab, in the joints and under the leaves.'],
    ['fine-paraffin-mist', 'Lemon: the finest mist, undersides first.', 'Undersides first, from the bottom up. No sun on wet leaves, no open flowers.'],
    ['weak-pot-drench', 'Lemon: pour slowly around it.', 'Pour it slowly onto the soil; no leaf is wetted.'],
]);

// Common practice, no source: soaps, detergents and alcohol are rinsed off after 20 minutes by one school, and left on to soak by another.
it('asks about rinsing where schools differ on it, and nowhere else', function (string $slug, bool $asked): void {
    expect(RunPlan::rinsesByItsSchool(RecipeCatalogue::shipped()->method($slug)))->toBe($asked);
})->with([['mild-soap', true], ['mild-alcohol', true], ['soap-and-alcohol-by-eye', true], ['alcohol-soap-and-brush', true], ['plain-soap', false], ['neem-leaf-quart', false], ['winter-wood-oil', false]]);

// Common practice, no source: what is brushed or sponged on comes out of a bowl, leaf by leaf, and the brush is rinsed between.
it('brushes or sponges a whole plant where nobody sprays', function (string $slug, string $moved, string $put): void {
    $said = array_map(static fn(RunStep $step): string => RunWords::shipped()->step($step, [])['say'], planFor($slug, byHand: true)->steps([]));
    expect($said)->toContain($moved)->toContain($put);
})->with([
    ['fine-paraffin-mist', 'Pour some into a bowl and stir it.', 'Lemon: brush or sponge every leaf, undersides first.'],
    'a swab is a swab' => ['half-alcohol-swab', 'Close the jar and turn it over once.', 'Lemon: touch each insect with the swab.'],
    'what is poured is poured' => ['weak-pot-drench', 'Stir it well.', 'Lemon: pour slowly around it.'],
]);

// Common practice, no source: a shiny fingertip is too much oil; a mist has no splotches.
it('says what too much oil looks like, and nothing of oil where there is none', function (string $slug, bool $shine): void {
    $step = array_values(array_filter(planFor($slug)->steps([]), static fn(RunStep $one): bool => $one->key === 'plant-7'))[0];
    expect(str_contains(RunWords::shipped()->step($step, [])['more'], 'fingertip'))->toBe($shine);
})->with([['fine-paraffin-mist', true], ['neem-leaf-quart', true], ['plain-soap', false], ['mild-alcohol', false]]);

// Common practice, no source: what is mixed in a bucket fills a small sprayer more than once, and is stirred each time.
it('fills the sprayer from the bucket that it was mixed in', function (): void {
    $steps = planFor('plain-soap', inBucket: true)->steps([]);
    $said = array_map(static fn(RunStep $step): string => implode(' ', RunWords::shipped()->step($step, [])), $steps);
    expect(array_slice(keysOf(planFor('plain-soap', inBucket: true)), 2, 3))->toBe(['check', 'from-bucket', 'shake-1'])
        ->and($said[3])->toContain('Stir the bucket')->toContain('nothing new is mixed')
        ->and(keysOf(planFor('weak-pot-drench', inBucket: true)))->not->toContain('from-bucket');
});

// Common practice, no source: what strips bloom off succulents is swirled; the bench and the walk say the same of it.
it('swirls what its school swirls, from the bench to the last plant', function (): void {
    $said = array_map(static fn(Step $step): string => is_string($words = Say::words('steps')[$step->code->value] ?? null) ? $words : '', Plans::shipped('gentle-neem', 1, 'L')->groups[0]->steps);
    foreach (planFor('gentle-neem')->steps([]) as $step) {
        $said[] = implode(' ', RunWords::shipped()->step($step, ['again' => RunWords::shipped()->again(90.0, RecipeUse::Foliar, RecipeCatalogue::shipped()->method('gentle-neem'))]));
    }
    $all = implode("\n", $said);
    expect(preg_match('/shak/i', $all))->toBe(0, $all)->and($all)->toContain('swirl it for a full minute')->toContain('Swirl again every')->toContain('Swirl it before you go on.');
});
