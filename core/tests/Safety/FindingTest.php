<?php

declare(strict_types=1);

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\StrengthFinding;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Source\SourceCatalogue;

/*
 * Whatever may be found out about a spray is told in a sentence of its own, and every sentence is of something that may be found out.
 */

/** @return array<string, string> sentences by key */
function sentencesOfFindings(): array
{
    /** @var array<string, string> */
    return require dirname(__DIR__, 2) . '/words/en/verdicts.php';
}

it('has a sentence for every finding, and no sentence of nothing', function (): void {
    $told = array_unique(array_map(static fn(Finding $finding): string => $finding->wording(), Finding::cases()));
    // What an emulsion depends on is added to its sentence.
    $own = array_filter(array_keys(sentencesOfFindings()), static fn(string $key): bool => ! str_starts_with($key, 'depends-'));

    expect($own)->toEqualCanonicalizing(array_values($told));
});

it('leaves it to the mark beside a sentence where its limit comes from, and names the limit', function (Finding $finding): void {
    $sentence = sentencesOfFindings()[$finding->wording()];

    expect($sentence)->not->toContain('our own', 'common practice', 'published');
    if ($finding->source() !== null) {
        expect(SourceCatalogue::shipped()->get($finding->source())->citation)->not->toBe('');
    }
    // What is bad and has a number says which limit it is over; where any oil harms there is none.
    if ($finding->level() === Level::Stop && preg_match('/\{(percent|week|celsius)/', $sentence) === 1 && $finding !== Finding::NoOil) {
        expect($sentence)->toMatch('/\{(limit|stop)/');
    }
})->with(array_map(static fn(Finding $finding): array => [$finding], Finding::cases()));

it('tells strengths of different substances apart, and the two plain oils not', function (): void {
    expect(StrengthFinding::is(Verdict::of(Finding::OilCaution)->finding, Substance::KitchenOil))->toBeTrue()
        ->and(StrengthFinding::is(Finding::OilStop, Substance::RefinedOil))->toBeTrue()
        ->and(StrengthFinding::is(Finding::OilStop, Substance::Neem))->toBeFalse()
        ->and(StrengthFinding::is(Finding::OilStop, Substance::Egg))->toBeFalse()
        ->and(StrengthFinding::is(Finding::OilsTogetherStop, Substance::KitchenOil))->toBeFalse()
        ->and(static fn(): Finding => StrengthFinding::of(Substance::Egg, Level::Ok))->toThrow(LogicException::class);
});
