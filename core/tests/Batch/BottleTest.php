<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\Bottle;
use IdleMixer\Core\Batch\BottleAct;
use IdleMixer\Core\Batch\BottleEnd;
use IdleMixer\Core\Batch\BottleFor;
use IdleMixer\Core\Batch\BottleState;
use IdleMixer\Core\Gate\Answer;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Work\StandTest;

/*
 * One state and one next act for what is mixed: written down before the code that tells them, by what a gardener has in the hand.
 * Common practice, no source.
 */

/** Minutes after eight. */
function bottleAt(int $minutes): DateTimeImmutable
{
    return (new DateTimeImmutable('2026-06-01T08:00:00Z'))->modify("{$minutes} minutes");
}

/** An even litre of soap and oil that was mixed at eight and keeps until twelve, but for what is said. Times in minutes after eight. */
function bottle(?int $made = 0, ?int $until = 240, bool $discarded = false, bool $usedUp = false, StandTest $glass = StandTest::Even, bool $oil = true, int $loads = 1, int $mixed = 1, bool $started = false, ?int $sprayed = null, bool $underWay = false, int $emptied = 0): Bottle
{
    $at = static fn(?int $minutes): ?DateTimeImmutable => $minutes === null ? null : bottleAt($minutes);

    return new Bottle($at($made), $at($until), $discarded, $usedUp, $glass, $oil, $loads, $mixed, $started, $at($sprayed), $underWay, $emptied);
}

function bottleGate(Verdict ...$verdicts): Answer
{
    return new Answer(array_values($verdicts), [], 0, null);
}

dataset('what happened to it', [
    'started, and no spoon is in' => [bottle(made: null, until: null, mixed: 0), null, 60, BottleState::Planned, BottleAct::StartMixing],
    'one spoon is in' => [bottle(made: null, until: null, mixed: 0, started: true), null, 60, BottleState::Mixing, BottleAct::GoOn],
    'all is in, no glass stood' => [bottle(glass: StandTest::NotDone), null, 60, BottleState::Mixed, BottleAct::StandTest],
    'soap and water want no glass' => [bottle(glass: StandTest::NotDone, oil: false), null, 60, BottleState::Standing, BottleAct::Spray],
    'the glass was even, no plant is meant' => [bottle(), null, 60, BottleState::Standing, BottleAct::Spray],
    'the glass showed a ring' => [bottle(glass: StandTest::Ring), null, 60, BottleState::Mixed, BottleAct::Mend],
    'a layer' => [bottle(glass: StandTest::Layer), null, 60, BottleState::Mixed, BottleAct::Mend],
    'even, and tested on this plant' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestGoAhead)), 60, BottleState::Standing, BottleAct::Spray],
    'even, and no leaf of this kind was tested' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestNone)), 60, BottleState::Standing, BottleAct::LeafTest],
    'even, and somewhat less was tested' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestStronger)), 60, BottleState::Standing, BottleAct::LeafTest],
    'even, and its spoons are not known' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestUnknown)), 60, BottleState::Standing, BottleAct::LeafTest],
    'even, and the test leaves wait' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestWaiting)), 60, BottleState::Standing, BottleAct::Wait],
    'even, and the test leaves are due' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestLookNow)), 60, BottleState::Standing, BottleAct::LookAtLeaves],
    'even, and the roots are dry' => [bottle(), bottleGate(Verdict::of(Finding::DryRoot), Verdict::of(Finding::LeafTestGoAhead)), 60, BottleState::Standing, BottleAct::Wait],
    'even, and nobody may put it there' => [bottle(), bottleGate(Verdict::of(Finding::DrenchPlanted), Verdict::of(Finding::LeafTestNone)), 60, BottleState::Standing, BottleAct::Hold],
    'even, and what is dry bears it never' => [bottle(), bottleGate(Verdict::of(Finding::DryRoot), Verdict::of(Finding::NoOil)), 60, BottleState::Standing, BottleAct::Hold],
    'even, and its leaves burnt before' => [bottle(), bottleGate(Verdict::of(Finding::BurntBefore)), 60, BottleState::Standing, BottleAct::Hold],
    'even, and the test is of last season: two leaves once more' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestFaded)), 60, BottleState::Standing, BottleAct::LeafTest],
    'even, and the test leaves were marked' => [bottle(), bottleGate(Verdict::of(Finding::LeafTestWeaken)), 60, BottleState::Standing, BottleAct::Hold],
    'even, and a caution beside a clean test' => [bottle(), bottleGate(Verdict::of(Finding::CopperLately), Verdict::of(Finding::LeafTestGoAhead)), 60, BottleState::Standing, BottleAct::Spray],
    'even, and it is in bloom until next week' => [bottle(), bottleGate(Verdict::of(Finding::InFlower)), 60, BottleState::Standing, BottleAct::Wait],
    'somebody is spraying' => [bottle(underWay: true), null, 60, BottleState::InTheSprayer, BottleAct::GoOnSpraying],
    'it was sprayed' => [bottle(sprayed: 30), null, 60, BottleState::Rest, BottleAct::UseRest],
    'it was sprayed, and then it was too old' => [bottle(sprayed: 30), null, 300, BottleState::Gone, BottleAct::PourOff],
    'nobody sprayed it, and it is too old' => [bottle(), null, 300, BottleState::Gone, BottleAct::PourOff],
    'too old, and no glass stood' => [bottle(glass: StandTest::NotDone), null, 300, BottleState::Gone, BottleAct::PourOff],
    'too old while somebody is spraying: the gate says so, the walk goes on' => [bottle(underWay: true), null, 300, BottleState::InTheSprayer, BottleAct::GoOnSpraying],
    'all sprayed' => [bottle(usedUp: true, discarded: true, sprayed: 30), null, 60, BottleState::Gone, BottleAct::Nothing],
    'poured off' => [bottle(discarded: true), null, 60, BottleState::Gone, BottleAct::Nothing],
    'poured off before it was mixed' => [bottle(made: null, until: null, mixed: 0, started: true, discarded: true), null, 60, BottleState::Gone, BottleAct::Nothing],
    'the first of two loads is mixed' => [bottle(loads: 2), null, 60, BottleState::Standing, BottleAct::Spray],
    'the first of two is being sprayed' => [bottle(loads: 2, underWay: true), null, 60, BottleState::InTheSprayer, BottleAct::GoOnSpraying],
    'the first of two ran empty on the walk' => [bottle(loads: 2, underWay: true, emptied: 1), null, 60, BottleState::InTheSprayer, BottleAct::NextLoad],
    'the first of two was sprayed without a walk' => [bottle(loads: 2, sprayed: 30), null, 60, BottleState::Planned, BottleAct::NextLoad],
    'the second of two is being mixed' => [bottle(loads: 2, sprayed: 30, started: true), null, 60, BottleState::Mixing, BottleAct::GoOn],
    'the second of two is being mixed on the walk' => [bottle(loads: 2, underWay: true, emptied: 1, started: true), null, 60, BottleState::Mixing, BottleAct::GoOn],
    'the second of two is mixed on the walk' => [bottle(loads: 2, mixed: 2, underWay: true, emptied: 1, made: 40), null, 60, BottleState::InTheSprayer, BottleAct::GoOnSpraying],
    'the second of two is mixed, after the first was sprayed' => [bottle(loads: 2, mixed: 2, sprayed: 30, made: 40), null, 60, BottleState::Standing, BottleAct::Spray],
    'both were sprayed' => [bottle(loads: 2, mixed: 2, made: 40, sprayed: 50), null, 60, BottleState::Rest, BottleAct::UseRest],
    'both stand in a bucket' => [bottle(loads: 2, mixed: 2), null, 60, BottleState::Standing, BottleAct::Spray],
    'both stand in a bucket, and the sprayer ran empty' => [bottle(loads: 2, mixed: 2, underWay: true, emptied: 1), null, 60, BottleState::InTheSprayer, BottleAct::GoOnSpraying],
    'the first of two was sprayed, its life over: the second is mixed fresh' => [bottle(loads: 2, sprayed: 30), null, 300, BottleState::Planned, BottleAct::NextLoad],
]);

it('has one state and one next act', function (Bottle $bottle, ?Answer $gate, int $now, BottleState $state, BottleAct $act): void {
    expect([$bottle->state(bottleAt($now)), BottleFor::Spray->act($bottle, $gate, bottleAt($now))])->toBe([$state, $act]);
})->with('what happened to it');

it('is for leaves of a test, or a jar to pour from, and not to be sprayed', function (BottleFor $for, BottleAct $act): void {
    expect($for->act(bottle(), bottleGate(Verdict::of(Finding::LeafTestNone)), bottleAt(60)))->toBe($act)
        ->and($for->act(bottle(usedUp: true), null, bottleAt(60)))->toBe(BottleAct::Nothing);
})->with([[BottleFor::LeafTest, BottleAct::LeafTest], [BottleFor::Jar, BottleAct::PourFrom], [BottleFor::Spray, BottleAct::LeafTest]]);

it('says how it is gone', function (Bottle $bottle, int $now, ?BottleEnd $end): void {
    expect($bottle->end(bottleAt($now)))->toBe($end);
})->with([
    [bottle(usedUp: true, discarded: true), 60, BottleEnd::Sprayed],
    [bottle(discarded: true), 60, BottleEnd::PouredOff],
    [bottle(sprayed: 30), 300, BottleEnd::RestTooOld],
    [bottle(), 300, BottleEnd::TooOld],
    [bottle(), 60, null],
]);

it('waits for a case while it was mixed since the case was sprayed last, and holds', function (Bottle $bottle, ?int $sprayed, bool $waits): void {
    expect($bottle->waits($sprayed === null ? null : bottleAt($sprayed), bottleAt(60)))->toBe($waits);
})->with([
    [bottle(), null, true], [bottle(), -30, true], [bottle(), 30, false], [bottle(glass: StandTest::Beads), null, false], [bottle(glass: StandTest::NotDone), null, true],
    [bottle(discarded: true), null, false], [bottle(made: null, mixed: 0), null, false], [bottle(until: 50), null, false],
]);
