<?php

declare(strict_types=1);

use IdleMixer\Core\Bought\Bought;
use IdleMixer\Core\Bought\BoughtKind;
use IdleMixer\Core\Gate\Gate;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Question;
use IdleMixer\Core\Gate\SprayNow;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;

/*
 * What is bought ready made, dusted or set out alive: right answers, written down before the rules. Common practice, no source: a maker's label
 * says how much and how often, and nothing here does; insects that eat pests are left alone for two weeks, as what wets the pest wets them.
 */

function boughtAt(string $day, int $hour = 19): DateTimeImmutable
{
    return new DateTimeImmutable("2026-06-{$day}T{$hour}:00:00Z");
}

it('knows a bought thing again by its kind and its name, however it is typed', function (string $one, string $other, bool $same): void {
    expect(Bought::of(BoughtKind::Spray, $one, null)->key() === Bought::of(BoughtKind::Spray, $other, null)->key())->toBe($same);
})->with([
    'capitals' => ['Green Mist', 'green mist', true],
    'spaces' => ['Green  Mist ', 'Green Mist', true],
    'letters beyond English' => ['GRÜNER NEBEL', 'grüner nebel', true],
    'another word' => ['Green Mist', 'Green Mist Plus', false],
]);

it('tells a dust from a spray of the same name', function (): void {
    expect(Bought::of(BoughtKind::Dust, 'Green Mist', null)->key())->not->toBe(Bought::of(BoughtKind::Spray, 'Green Mist', null)->key());
});

it('is looked at first, and judged, after these', function (BoughtKind $kind, float $first, float $judged): void {
    expect([$kind->firstLookHours(), $kind->fairLookHours()])->toBe([$first, $judged]);
})->with([
    'a spray' => [BoughtKind::Spray, 24.0, 72.0],
    'a dust' => [BoughtKind::Dust, 24.0, 72.0],
    'insects' => [BoughtKind::Insects, 168.0, 336.0],
]);

it('leaves insects that were set out alone for two weeks', function (string $planned, ?string $wantedSince, string $on, array $why): void {
    $facts = new RoundFacts(boughtAt('01'), boughtAt('01'), null, 0, null, null, boughtAt('01'), wantedSince: $wantedSince === null ? null : new DateTimeImmutable($wantedSince), setOut: boughtAt('01'));
    $due = RoundMoves::of(boughtAt($planned), $facts, boughtAt('02'));
    expect($due->at?->format('d'))->toBe($on)->and(array_map(static fn(MovedDate $one): string => $one->code, $due->moves))->toBe($why);
})->with([
    'planned within them' => ['05', null, '15', ['insects-out']],
    'the day before they are over' => ['14', null, '15', ['insects-out']],
    'planned after them' => ['16', null, '16', []],
    'a day chosen before they were set out' => ['08', '2026-05-30T08:00:00Z', '15', ['insects-out']],
    'a day chosen since: the gardener knew' => ['08', '2026-06-02T08:00:00Z', '08', []],
]);

it('warns of wetting them, and of nothing that wets no leaf', function (RecipeUse $use, ?float $daysAgo, array $codes): void {
    $spray = new SprayNow($use, Strengths::told(Substance::TrueSoap, 1.0));
    $whom = new Whom(new PlantNow(ToleranceCatalogue::shipped()->get('tough-leaf')), new PlantHad(insectsDaysAgo: $daysAgo));
    $found = array_map(static fn(Verdict $one): string => $one->code, Gate::shipped()->verdicts(Question::for($spray, $whom, ToleranceCatalogue::shipped())));
    expect(array_values(array_filter($found, static fn(string $code): bool => $code === 'insects-out')))->toBe($codes);
})->with([
    'three days ago' => [RecipeUse::Foliar, 3.0, ['insects-out']],
    'thirteen days ago' => [RecipeUse::Foliar, 13.5, ['insects-out']],
    'two weeks ago' => [RecipeUse::Foliar, 14.0, []],
    'never' => [RecipeUse::Foliar, null, []],
    'poured into the pot' => [RecipeUse::Drench, 3.0, []],
]);
