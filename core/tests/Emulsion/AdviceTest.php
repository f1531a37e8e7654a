<?php

declare(strict_types=1);

use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Emulsion\HardnessClass;
use IdleMixer\Core\Emulsion\SoapBudget;
use IdleMixer\Core\Emulsion\StandAdvice;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Safety\EmulsionJudge;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Wording\Sentences;
use IdleMixer\Core\Wording\StandWords;
use IdleMixer\Core\Work\StandTest;

function budgetOf(float $given, float $needed, float $lost, float $toAdd): SoapBudget
{
    return new SoapBudget($given, $needed, $lost, $needed > 0.0 ? max(0.0, $given - $lost) / $needed : 1.0, $toAdd);
}

function heldBy(SoapBudget $budget, EmulsionVerdict $verdict, ?Surface $surface = Surface::Leaf, bool $assumed = false, EmulsionVerdict $soft = EmulsionVerdict::Enough, EmulsionVerdict $hard = EmulsionVerdict::Enough): ?Verdict
{
    return (new EmulsionJudge(Limits::shipped()))->verdict($verdict, $budget, 1000.0, $assumed, $soft, $hard, $surface);
}

it('says whether the oil is held, and what to add', function (EmulsionVerdict $verdict, Level $level, string $said): void {
    $found = heldBy(budgetOf(2.0, 3.0, 1.0, 2.0), $verdict);
    assert($found !== null);

    expect($found->level)->toBe($level)->and(Sentences::shipped()->verdict($found))->toContain($said, '2 mL goes in', 'hardness takes 1 mL');
})->with([
    [EmulsionVerdict::Enough, Level::Ok, 'enough'],
    [EmulsionVerdict::Marginal, Level::Caution, 'Add 2 mL soap'],
    [EmulsionVerdict::Short, Level::Caution, 'Add 2 mL soap, or use rain water'],
]);

it('never asks for more soap than a leaf bears', function (): void {
    // Gardening handbooks (from memory): 1 to 2 % of the spray. A litre with 15 mL, 6 mL more would be 2.1 %.
    $found = heldBy(budgetOf(15.0, 3.0, 15.0, 6.0), EmulsionVerdict::Short);
    assert($found !== null);
    expect(Sentences::shipped()->verdict($found))->toContain('use softer water, soap bark extract or polysorbate')
        ->and(Sentences::shipped()->verdict($found))->not->toContain('Add 6 mL');
    // Bare wood has no leaf to burn, and just within the limit is within.
    expect(heldBy(budgetOf(15.0, 3.0, 15.0, 6.0), EmulsionVerdict::Short, Surface::Wood)?->wording)->toBe('emulsion-short')
        ->and(heldBy(budgetOf(15.0, 3.0, 15.0, 5.0), EmulsionVerdict::Short)?->wording)->toBe('emulsion-short');
});

it('carries what is not known of the water, and says nothing where there is no oil', function (): void {
    $depends = heldBy(budgetOf(2.0, 3.0, 1.0, 2.0), EmulsionVerdict::Marginal, assumed: true, hard: EmulsionVerdict::Short);
    assert($depends !== null);
    expect($depends->level)->toBe(Level::Caution)->and(Sentences::shipped()->verdict($depends))->toContain('in soft water enough, in very hard water short')
        ->and(heldBy(budgetOf(2.0, 1.0, 0.0, 0.0), EmulsionVerdict::Enough, assumed: true)?->level)->toBe(Level::Ok)
        ->and(heldBy(budgetOf(0.0, 0.0, 0.0, 0.0), EmulsionVerdict::NoneNeeded))->toBeNull();
});

it('draws its lines at half and at all of what is needed', function (float $cover, EmulsionVerdict $verdict): void {
    expect(EmulsionVerdict::of($cover))->toBe($verdict);
})->with([[0.0, EmulsionVerdict::Short], [0.499, EmulsionVerdict::Short], [0.5, EmulsionVerdict::Marginal], [0.999, EmulsionVerdict::Marginal], [1.0, EmulsionVerdict::Enough], [9.0, EmulsionVerdict::Enough]]);

// Common practice, no source: a ring or beads, a little soap and again; scum, other water; our own line: three times, give up.
it('answers a glass', function (StandTest $result, int $failures, string $code, float $add): void {
    $advice = StandAdvice::of($result, $failures, budgetOf(2.0, 4.0, 0.0, 2.0));

    expect($advice->code)->toBe($code)->and($advice->add)->toBe($add)->and(StandWords::shipped()->advice($advice))->not->toContain('{');
})->with([
    [StandTest::NotDone, 0, 'not-done', 0.0], [StandTest::Even, 0, 'even', 0.0], [StandTest::Even, 2, 'even', 0.0],
    [StandTest::Ring, 1, 'more-soap', 2.0], [StandTest::Beads, 2, 'more-soap', 2.0], [StandTest::Layer, 1, 'more-soap-whip', 2.0],
    [StandTest::Scum, 1, 'change-water', 0.0], [StandTest::Ring, 3, 'give-up', 0.0], [StandTest::Scum, 4, 'give-up', 0.0],
]);

it('adds a little even where the sums say that it should have held', function (): void {
    expect(StandAdvice::of(StandTest::Ring, 1, budgetOf(9.0, 4.0, 0.0, 0.0))->add)->toBe(1.0);
});

it('knows in which water soap is spoilt', function (): void {
    // Common practice, no source.
    expect(array_map(static fn(HardnessClass $class): bool => $class->spoilsSoap(), HardnessClass::cases()))->toBe([false, false, true, true]);
});
