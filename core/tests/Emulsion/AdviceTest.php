<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Emulsion\StandAdvice;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Tests\Support\Plans;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Wording\StandWords;
use IdleMixer\Core\Work\StandTest;

/**
 * @param list<array<string, mixed>> $lines
 * @param array<string, mixed>       $more
 *
 * @return array{Verdict, string}
 */
function holdingVerdict(array $lines, array $more = []): array
{
    $plan = Plans::of(['recipe' => Plans::recipe($lines, ['amount' => 1, 'unit' => 'L', 'of' => 'water']), 'make' => ['amount' => 1, 'unit' => 'L'], ...$more]);
    $verdict = array_values(array_filter($plan->verdicts, static fn(Verdict $one): bool => $one->code === 'emulsion'))[0];

    return [$verdict, Sentences::shipped()->verdict($verdict)];
}

/** @return list<array<string, mixed>> */
function neemAnd(float $castile): array
{
    return [['ingredient' => 'neem-oil', 'amount' => 8, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => $castile, 'unit' => 'mL']];
}

it('says how long it holds and names one remedy in spoons', function (): void {
    $hard = ['water' => ['hardness' => ['amount' => 180, 'unit' => 'mg/L']]];
    [$short, $said] = holdingVerdict(neemAnd(2.0), $hard);
    expect($short->level)->toBe(Level::Caution)->and($said)->toContain('in all', 'castile soap', 'keep swirling', 'take rain water')->and($said)->not->toContain('0.0');
    [$enough, $said] = holdingVerdict(neemAnd(5.0), $hard);
    expect($enough->level)->toBe(Level::Ok)->and($said)->toContain('It holds');
});

it('offers rain water only where that helps', function (): void {
    $hard = ['water' => ['hardness' => ['amount' => 180, 'unit' => 'mg/L']]];
    $neem = ['ingredient' => 'neem-oil', 'amount' => 8, 'unit' => 'mL'];
    expect(holdingVerdict([$neem], $hard)[1])->not->toContain('rain water')
        ->and(holdingVerdict([$neem, ['ingredient' => 'dish-detergent', 'amount' => 0.001, 'unit' => 'mL']], $hard)[1])->not->toContain('rain water');
});

it('never asks for more soap than the surface bears: then it is the water, or the order', function (): void {
    // Planted soil bears half a percent of soap well; at 400 mg/L the water takes more than that.
    $pot = ['plant' => 'planted-soil', 'water' => ['hardness' => ['amount' => 400, 'unit' => 'mg/L']]];
    [$verdict, $said] = holdingVerdict([['ingredient' => 'neem-oil', 'amount' => 4, 'unit' => 'mL'], ['ingredient' => 'castile-soap', 'amount' => 2, 'unit' => 'mL']], $pot);
    expect($verdict->finding->value)->toBe('emulsion-short-soft-water')->and($said)->toContain('Take rain water')->and($said)->not->toContain('in all');
});

it('carries what is not known of the water', function (): void {
    expect(holdingVerdict(neemAnd(3.0))[1])->toContain('In soft water it holds, in hard water not')
        ->and(holdingVerdict(neemAnd(15.0))[1])->not->toContain('In soft water');
});

it('draws its lines where the hands can do with it', function (float $seconds, EmulsionVerdict $verdict): void {
    // Common practice, no source: 30 s and more is enough, under 15 s it is kept swirling.
    expect(EmulsionVerdict::of($seconds))->toBe($verdict);
})->with([[0.0, EmulsionVerdict::Short], [14.9, EmulsionVerdict::Short], [15.0, EmulsionVerdict::Marginal], [29.9, EmulsionVerdict::Marginal], [30.0, EmulsionVerdict::Enough], [9000.0, EmulsionVerdict::Enough]]);

// Common practice, no source: a ring or beads, a little soap and again; scum, other water; our own line: three times, give up.
it('answers a glass', function (StandTest $result, int $failures, string $code, float $add): void {
    $advice = StandAdvice::of($result, $failures, new SoapBudget(2.0, 4.0, 0.0, 0.0));

    expect($advice->code)->toBe($code)->and($advice->add)->toBe($add)->and(StandWords::shipped()->advice($advice, Kit::kitchen()->measures))->not->toContain('{');
})->with([
    [StandTest::NotDone, 0, 'not-done', 0.0], [StandTest::Even, 0, 'even', 0.0], [StandTest::Even, 2, 'even', 0.0],
    [StandTest::Ring, 1, 'more-soap', 2.0], [StandTest::Beads, 2, 'more-soap', 2.0], [StandTest::Layer, 1, 'more-soap-whip', 2.0],
    [StandTest::Scum, 1, 'change-water', 0.0], [StandTest::Ring, 3, 'give-up', 0.0], [StandTest::Scum, 4, 'give-up', 0.0],
]);

it('says what to add in the spoons at hand, and never less than is wanted', function (): void {
    // 2 mL are missing: half a teaspoon, 2.46 mL, is the smallest fill that is enough (US teaspoon of 4.929 mL, NIST Handbook 44, from memory).
    $words = StandWords::shipped()->advice(StandAdvice::of(StandTest::Ring, 1, new SoapBudget(2.0, 4.0, 0.0, 0.0)), Kit::kitchen()->measures);
    expect($words)->toBe('Add ½ tsp of soap (2.46 mL) to the sprayer, mix for a full minute, and fill a fresh glass.')
        ->and(StandWords::shipped()->advice(StandAdvice::of(StandTest::Ring, 1, new SoapBudget(2.0, 4.0, 0.0, 0.0)), []))->toContain('Add 2 mL of soap to the sprayer');
});

it('adds a little even where the sums say that it should have held', function (): void {
    expect(StandAdvice::of(StandTest::Ring, 1, new SoapBudget(9.0, 4.0, 0.0, 0.0))->add)->toBe(1.0)
        // Hard water takes its part of what is added, too: 2 mL of 2 went, it takes 3 more before the 4 that are needed are free.
        ->and(StandAdvice::of(StandTest::Ring, 1, new SoapBudget(2.0, 4.0, 2.0, 3.0))->add)->toBe(7.0)
        ->and((new SoapBudget(9.0, 4.0, 0.0, 3.0))->missing())->toBe(0.0);
});
