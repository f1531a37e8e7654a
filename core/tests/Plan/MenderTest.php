<?php

declare(strict_types=1);

use IdleMixer\Core\Plan\Mender;
use IdleMixer\Core\Plan\Mending;
use IdleMixer\Core\Plan\MendingKind;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\MendingWords;

function mended(Plan $plan): ?Mending
{
    return (new Mender(Planner::shipped(), new Ceilings(Limits::shipped())))->of($plan);
}

function levelOf(Plan $plan, string $code): Level
{
    $found = array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->code === $code);

    return array_reduce($found, static fn(Level $worst, Verdict $one): Level => $one->level->isWorseThan($worst) ? $one->level : $worst, Level::Ok);
}

/**
 * Written before the search: what a gardener does with the spoons at hand, by the limits of an ordinary leaf (kitchen oil 1.5
 * %, neem 1.1 %, soap 2 %: common practice, no source; soap published, noted from memory) and by the days of a week.
 */
it('names the one thing that hands would do', function (string $slug, float $amount, string $unit, array $more, ?string $words): void {
    /** @var array<string, mixed> $more */
    $mending = mended(Plans::shipped($slug, $amount, $unit, ['sprayer' => ['amount' => $amount, 'unit' => $unit], ...$more]));

    expect($mending === null ? null : MendingWords::shipped()->of($mending))->toBe($words);
})->with([
    'far too much oil, a stop: down to what is borne well' => ['mint-oil-by-the-cup', 1, '[qt_us]', [], 'Weaken it to 1.5 % kitchen oil'],
    'neem over what an ordinary leaf bears' => ['orchard-neem', 1, '[gal_us]', ['plant' => 'ordinary-leaf'], 'Weaken it to 1.1 % neem oil'],
    'nothing speaks against it' => ['plain-soap', 1, '[qt_us]', [], null],
    'the high end asked for, where the low end is borne' => ['neem-leaf-quart', 1, '[gal_us]', ['highEnd' => true, 'plant' => 'tender-leaf'], 'Weaken it to 0.6 % neem oil'],
    'oil that nothing holds, in soft water' => ['neem-by-the-gallon', 1, '[gal_us]', ['water' => ['hardness' => ['amount' => 60, 'unit' => 'mg/L']]], 'Put in 1 tsp of castile soap'],
    'too often for the oil in it' => ['beetle-neem', 1, '[gal_us]', ['water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L']], 'circumstances' => ['everyDays' => 3]], 'Leave 7 days between'],
    'as often as its school has it' => ['beetle-neem', 1, '[gal_us]', ['water' => ['hardness' => ['amount' => 0, 'unit' => 'mg/L']]], null],
    'heat is not mended at the bench' => ['plain-soap', 1, '[qt_us]', ['circumstances' => ['celsius' => 38]], null],
    'wax is not opened by so little alcohol' => ['mild-alcohol', 1, '[qt_us]', [], null],
]);

// By hand: a litre takes 10 mL of oil, which nobody thins, a tablespoon holds 14.79 mL: true at 1.48 L, to 5 % from 1.41 to 1.55 L. A bottle of a litre does
// not hold that much; one of two litres has a mark there, and so has a litre and a half where nothing says how much there is room for.
it('makes no more than the sprayer holds', function (?float $sprayer, ?string $words): void {
    $recipe = Plans::recipe([['ingredient' => 'neem-oil', 'amount' => 10, 'unit' => 'mL'], ['ingredient' => 'polysorbate-20', 'amount' => 10, 'unit' => 'mL']], ['amount' => 1, 'unit' => 'L', 'of' => 'finished']);
    $mending = mended(Plans::of(['recipe' => $recipe, 'make' => ['amount' => 1, 'unit' => 'L'], 'measures' => [['amount' => 1, 'unit' => '[tbs_us]']], ...($sprayer === null ? [] : ['sprayer' => ['amount' => $sprayer, 'unit' => 'L']])]));
    expect($mending === null ? null : MendingWords::shipped()->of($mending))->toBe($words);
})->with([[1.0, null], [2.0, 'Make 1.5 L: it measures true'], [null, 'Make 1.5 L: it measures true'], [1.2, null]]);

it('finds another volume that the spoons measure true', function (): void {
    $spoons = array_map(static fn(array $one): array => ['amount' => $one[0], 'unit' => $one[1]], [[1, '[tbs_us]'], [1, '[tsp_us]'], [1, '[drp]']]);
    $plan = Plans::shipped('soda-and-oil-by-the-book', 1, 'L', ['sprayer' => ['amount' => 1, 'unit' => 'L'], 'measures' => $spoons]);
    $mending = mended($plan);
    assert($mending !== null);
    // 5.68 mL of soda a litre: a US teaspoon of 4.93 mL is exact at 867 mL, and the sprayer has a mark at 7/8 (by hand).
    expect($mending->kind)->toBe(MendingKind::Volume)
        ->and(MendingWords::shipped()->of($mending))->toBe('Make 875 mL: it measures true')
        ->and(levelOf(Planner::shipped()->plan($mending->bench), 'measure-coarse'))->toBe(Level::Ok);
});

it('never offers what does not help, over every shipped spray, strength and water', function (): void {
    $offered = 0;
    foreach (RecipeCatalogue::shipped()->slugs() as $slug) {
        foreach ([[], ['highEnd' => true], ['water' => ['hardness' => ['amount' => 300, 'unit' => 'mg/L']]], ['plant' => 'hairy-leaf']] as $more) {
            $before = Plans::shipped($slug, 1, '[qt_us]', ['sprayer' => ['amount' => 1, 'unit' => '[qt_us]'], ...$more]);
            $mending = mended($before);
            if ($mending === null) {
                continue;
            }
            ++$offered;
            $after = Planner::shipped()->plan($mending->bench);
            $stops = static fn(Plan $plan): int => count(array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->level === Level::Stop));
            expect(levelOf($before, $mending->about))->toBe(Mender::worst($before), $slug)
                ->and(levelOf($after, $mending->about))->toBe(Level::Ok, $slug)
                ->and($stops($after))->toBeLessThanOrEqual($stops($before), $slug);
        }
    }
    expect($offered)->toBeGreaterThan(30);
});
