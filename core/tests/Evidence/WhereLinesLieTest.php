<?php

declare(strict_types=1);

use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Fact;
use IdleMixer\Core\Evidence\Facts;
use IdleMixer\Core\Evidence\Formula;
use IdleMixer\Core\Evidence\Interval;
use IdleMixer\Core\Evidence\Kept;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Pooled;
use IdleMixer\Core\Evidence\Prior;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Evidence\SideBySide;
use IdleMixer\Core\Evidence\Sureness;
use IdleMixer\Core\Evidence\TrialSize;
use IdleMixer\Core\Evidence\Unsprayed;
use IdleMixer\Core\Evidence\UnsprayedCatalogue;
use IdleMixer\Core\Evidence\VerdictReason;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Component;
use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Recipe\MixingOrder;
use IdleMixer\Core\Tests\Support\Histories;
use IdleMixer\Core\Tests\Support\NodeScript;
use IdleMixer\Core\Wording\ComparisonWords;
use IdleMixer\Core\Wording\RecordWords;
use IdleMixer\Core\Work\StandTest;

/*
 * Each line that decides what a count says, met just on either side. Three days, two days and a week are common practice without a
 * source; four of five, four of ten, half, two of three and a quarter are our own. What is reckoned is reckoned by hand.
 */

it('judges on either side of each line', function (array $rounds, float $fair, array $counts, Outcome $outcome, ?Formula $formula = null, bool $winter = false): void {
    /** @var list<float> $rounds */
    /** @var list<array{0: float, 1: float, 2?: true}> $counts */
    $trial = Histories::judged($rounds, $fair, $counts, $winter)->trials()[0];
    expect($trial->outcome())->toBe($outcome)->and($formula === null || $trial->formula() === $formula)->toBeTrue();
})->with([
    'ten before are enough' => [[0], 20, [[-1, 10], [24, 1]], Outcome::Worked],
    'nine are not' => [[0], 20, [[-1, 9], [24, 1]], Outcome::TooFew],
    'an hour more than three days before' => [[0], 20, [[-73, 100], [24, 6]], Outcome::NoCountBefore],
    'a week after the fair look' => [[0], 20, [[-1, 100], [188, 6]], Outcome::Worked],
    'and an hour more after the fair look' => [[0], 20, [[-1, 100], [189, 6]], Outcome::NoCountAfter],
    'the plant left alone two days later' => [[0], 20, [[-1, 100], [-1, 100, true], [72, 6], [120, 100, true]], Outcome::Worked, Formula::HendersonTilton],
    'and an hour more between the two' => [[0], 20, [[-1, 100], [-1, 100, true], [72, 6], [121, 100, true]], Outcome::Worked, Formula::BeforeAfter],
    'back to half' => [[0], 20, [[-1, 100], [24, 5], [150, 50]], Outcome::CameBack],
    'back to nearly half' => [[0], 20, [[-1, 100], [24, 5], [150, 49]], Outcome::Worked],
    'winter oil, 120 days before' => [[0], 1440, [[-2880, 60], [2400, 3]], Outcome::Worked, null, true],
    'and an hour more before' => [[0], 1440, [[-2881, 60], [2400, 3]], Outcome::NoCountBefore, null, true],
    'winter oil, 300 days after its fair look' => [[0], 1440, [[-24, 60], [8640, 3]], Outcome::Worked, null, true],
    'and an hour more after' => [[0], 1440, [[-24, 60], [8641, 3]], Outcome::NoCountAfter, null, true],
]);

/**
 * A spray of which nobody knows anything, in cases of their own; a hundred before each round.
 *
 * @param list<float> $afters
 * @param float       $least  share that may be left by itself after a week
 * @param float       $hours  from the count before to the count after
 */
function unknownSpray(array $afters, float $least = 0.8, float $hours = 25.0, int $burnt = 0): Record
{
    $effects = array_map(static fn(float $after, int $i): RoundEffect => RoundEffect::of("case {$i}", Histories::one([100.0, $after, null, null], after: $hours - 1.0), burnt: $i < $burnt), $afters, array_keys($afters));

    return new Record($effects, new Unsprayed($least, 2.0), Prior::unknown(), Clumping::usual());
}

/*
 * By hand, with half a count added to each, and two cases at 65 % down, as a spray is thought of that nobody knows (our own):
 * three times 20 of 100 are (2 ln 0.35 + 3 ln (20.5 / 100.5)) / 5, 74.7 % down; 20, 20 and 150: 62 %; three times 61: 51.1 %.
 */
it('says keep, tune or drop on either side of each line', function (Record $record, VerdictReason $reason, ?float $shrunk = null): void {
    expect($record->reason())->toBe($reason);
    if ($shrunk !== null) {
        expect($record->shrunk())->toEqualWithDelta($shrunk, 0.05);
    }
})->with([
    'three of four fewer, over all' => [unknownSpray([20.0, 20.0, 20.0]), VerdictReason::Works, 74.7],
    'two worked, and the third grew' => [unknownSpray([20.0, 20.0, 150.0]), VerdictReason::Helps, 62.3],
    'hardly helped, and half are gone over all' => [unknownSpray([61.0, 61.0, 61.0]), VerdictReason::Helps, 51.06],
    'helped less' => [unknownSpray([68.0, 68.0, 68.0]), VerdictReason::DoesNothing, 47.8],
    // A week, and six of ten left by itself: of these 66 % were taken; of half that is left by itself, 59 %.
    'more than it does by itself' => [unknownSpray([20.0, 20.0, 20.0], 0.6, 168.0), VerdictReason::Works],
    'no more than it may do by itself' => [unknownSpray([20.0, 20.0, 20.0], 0.5, 168.0), VerdictReason::ByItself],
    'burnt after one of four' => [unknownSpray([10.0, 10.0, 10.0, 10.0], burnt: 1), VerdictReason::Burns],
    'burnt after one of five' => [unknownSpray([10.0, 10.0, 10.0, 10.0, 10.0], burnt: 1), VerdictReason::Works],
]);

// By hand: 195.5 / 100.5 is 95 % more, 210.5 / 100.5 is 109 %; beyond twice as many a figure says nothing (our own).
it('tells how many more are left, up to twice as many', function (): void {
    expect(RecordWords::range(RecordFacts::of(unknownSpray([195.0]))))->toStartWith('95 % more, from more than twice as many to ')
        ->and(RecordWords::range(RecordFacts::of(unknownSpray([210.0]))))->toStartWith('more than twice as many, from ');
});

// By hand: logarithms d apart around a fifth left, so that the interval of three cases (t 4.3027) is 40 sinh(4.3027 d / √3) points wide.
it('calls an effect sure by how wide its interval is', function (array $afters, Sureness $sureness): void {
    /** @var list<float> $afters */
    expect(unknownSpray($afters)->sureness())->toBe($sureness);
})->with([
    '24 points' => [[15.49, 19.6, 24.77], Sureness::Sure],
    '27 points' => [[15.09, 19.6, 25.42], Sureness::Fairly],
    '58 points' => [[12.07, 19.6, 31.64], Sureness::Fairly],
    '65 points' => [[11.6, 19.6, 32.9], Sureness::Hardly],
]);

it('counts what burns each time behind what leaves up to three times as much, after three rounds', function (): void {
    // By hand: burnt after three of three, and one without burn added, is three quarters of ln 5 (a spray that always burns must leave five
    // times fewer; our own).
    $burns = unknownSpray([10.0, 10.0, 10.0], burnt: 3);
    $clean = unknownSpray([10.0, 10.0, 10.0]);
    expect($burns->score() - $clean->score())->toEqualWithDelta(0.75 * log(5.0), 0.02);
});

it('takes a spray that nobody knows to leave a third, and a pest that nobody counts to go or grow tenfold in a week', function (): void {
    expect(exp(Prior::unknown()->log))->toEqualWithDelta(0.35, 1e-9)
        ->and(UnsprayedCatalogue::shipped()->of('a-virus')->after(7.0))->toBe([0.1, 10.0])
        ->and(Kept::percent(9.0))->toEqualWithDelta(100.0 * (1.0 - exp(4.0)), 1e-9)
        ->and(Kept::percent(3.9))->toEqualWithDelta(100.0 * (1.0 - exp(3.9)), 1e-9);
});

it('is as sure of a case alone as counts and cases scatter', function (): void {
    // By hand: 5 of 6 in one case tell as much as 6 / (1 + 5 x 0.2) = 3 rounds: Wilson (1927), 31.0 to 98.2 %.
    $six = Interval::clustered([[5, 6]]);
    expect([100.0 * $six->low, 100.0 * $six->high])->toEqualWithDelta([31.0, 98.23], 0.01);

    // By hand: 1/100.5 + 1/10 and 1/10.5 + 1/10 by chance and clumps on ten leaves, and 0.8² between cases: 0.945, of which the root
    // is 0.9722; times 1.96.
    $alone = Pooled::of([RoundEffect::of('a', Histories::one([100.0, 10.0, null, null]))], Clumping::usual());
    expect($alone?->high)->toEqualWithDelta(100.0 * (1.0 - 10.5 / 100.5 * exp(-1.9055)), 0.01)
        ->and($alone?->low)->toEqualWithDelta(100.0 * (1.0 - 10.5 / 100.5 * exp(1.9055)), 0.1);
});

it('brings what was known to yes and no on either side of each line', function (Fact $fact, bool $holds, ?float $hardness, int $hour, ?float $celsius, ?float $litres): void {
    expect(Facts::of(false, StandTest::NotDone, $hardness, MixingOrder::AllTogether, $hour, $celsius, null, $litres)[$fact->value] ?? null)->toBe($holds);
})->with([
    'just hard (USGS: above 120 mg/L)' => [Fact::Hardness, true, 121.0, 7, null, null],
    'still moderately hard' => [Fact::Hardness, false, 120.0, 7, null, null],
    'until ten it is morning' => [Fact::Hour, true, null, 9, null, null],
    'from ten it is day' => [Fact::Hour, false, null, 10, null, null],
    'until five it is day' => [Fact::Hour, false, null, 16, null, null],
    'from five it is evening' => [Fact::Hour, true, null, 17, null, null],
    'warm from 24 °C' => [Fact::Warmth, true, null, 7, 24.0, null],
    'not below' => [Fact::Warmth, false, null, 7, 23.9, null],
    'half a litre wets well' => [Fact::Cover, true, null, 7, null, 0.5],
    'less does not' => [Fact::Cover, false, null, 7, null, 0.49],
]);

it('lets oil lead before soda above two percent', function (float $oil, SprayFamily $family): void {
    $of = static fn(string $substance, float $percent): Component => new Component($substance, $substance, Substance::from($substance), $percent, $percent);
    expect(SprayFamily::of(Composition::remembered([$of('kitchen-oil', $oil), $of('soda', 0.4)])))->toBe($family);
})->with([[2.0, SprayFamily::SodaWithOil], [2.1, SprayFamily::Oil]]);

it('asks for a plant left alone where four of ten may go by themselves in a week', function (): void {
    expect(ComparisonWords::of(new Unsprayed(0.6, 2.0)))->toStartWith('It may go by itself: in a week down to 60 of 100')
        ->and(ComparisonWords::of(new Unsprayed(0.61, 2.0)))->toBe('');
});

it('spends at each of three looks what Pocock (1977) lets it spend', function (float $t): void {
    // Biometrika 64:191-199, from memory: 0.0221 at each of three looks for 0.05 in all. Two groups of four, one above and one below by the same:
    // six degrees of freedom; what t is passed by how often is jstat's (npm).
    $count = static fn(float $log): float => exp($log) - 0.5;
    $scatter = [-1.0, 1.0, -1.0, 1.0];
    $after = [...array_map(static fn(float $s): float => $count(2.0 + $t * sqrt(2.0 / 3.0) + $s), $scatter), ...array_map(static fn(float $s): float => $count(2.0 + $s), $scatter)];
    $p = NodeScript::run("import jstat from 'jstat'; process.stdout.write(JSON.stringify([2 * (1 - jstat.jStat.studentt.cdf({$t}, 6))]));", [])[0] ?? null;
    expect(SideBySide::of([true, true, true, true, false, false, false, false], array_fill(0, 8, 0.5), $after)?->clear)->toBe($p < 0.0221);
})->with([[2.9], [3.0], [3.1], [3.2]]);

it('sizes a trial for three times as much at the least', function (): void {
    expect(TrialSize::gap(log(0.1), log(0.2)))->toEqualWithDelta(log(3.0), 1e-9)
        ->and(TrialSize::gap(log(0.1), log(0.4)))->toEqualWithDelta(log(4.0), 1e-9);
});
