<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\CaseHistory;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\Formula;
use IdleMixer\Core\Evidence\Judgement;
use IdleMixer\Core\Evidence\Outcome;
use IdleMixer\Core\Evidence\Record;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Source\Standing;
use IdleMixer\Core\Tests\Support\Histories;
use IdleMixer\Core\Wording\Findings;

/*
 * Histories with the verdict that a careful person gives: common practice, no source, with the formulas of Abbott (1925) and
 * Henderson and Tilton (1955). Written down before the rules. Hours after a fixed evening; counts are [hour, value] of the
 * treated plant and [hour, value, true] of one that was left alone.
 */

it('judges one round as a careful person does', function (array $rounds, float $fair, array $counts, Outcome $outcome, ?Formula $formula = null, ?float $percent = null, bool $winter = false): void {
    /** @var list<float> $rounds */
    /** @var list<array{0: float, 1: float, 2?: true}> $counts */
    $trial = Histories::judged($rounds, $fair, $counts, $winter)->trials()[0];
    expect($trial->outcome())->toBe($outcome)->and($outcome->isJudged() ? $trial->formula() : null)->toBe($outcome->isJudged() ? $formula : null);
    if ($percent !== null) {
        expect($trial->reduction())->toEqualWithDelta($percent, 0.05);
    }
})->with([
    '1 a plain success, no comparison' => [[0], 20, [[-1, 100], [24, 8]], Outcome::Worked, Formula::BeforeAfter, 92.0],
    '2 sprayed at 20:00, counted the next day at 18:30' => [[0], 20, [[-1, 100], [22.5, 8]], Outcome::Worked, Formula::BeforeAfter, 92.0],
    '3 15 % early still counts' => [[0], 20, [[-1, 100], [17, 8]], Outcome::Worked, Formula::BeforeAfter, 92.0],
    '4 earlier than that is too early' => [[0], 20, [[-1, 100], [16.5, 8]], Outcome::TooEarly],
    '5 neem on day one is too early' => [[0], 168, [[-1, 100], [24, 60]], Outcome::TooEarly],
    '6 neem on day seven' => [[0], 168, [[-1, 100], [168, 12]], Outcome::Worked, Formula::BeforeAfter, 88.0],
    '7 compared with a plant left alone that grew on' => [[0], 20, [[-1, 100], [-1, 120, true], [24, 10], [24, 150, true]], Outcome::Worked, Formula::HendersonTilton, 92.0],
    '8 the plant left alone collapsed, too' => [[0], 20, [[-1, 100], [-1, 100, true], [24, 5], [24, 0, true]], Outcome::ControlFell],
    '9 it fell by more than half' => [[0], 20, [[-1, 100], [-1, 80, true], [24, 10], [24, 39, true]], Outcome::ControlFell],
    '10 it fell by half: still a comparison' => [[0], 20, [[-1, 100], [-1, 80, true], [24, 10], [24, 40, true]], Outcome::Worked, Formula::HendersonTilton, 80.0],
    '11 a plant left alone with two on it compares nothing' => [[0], 20, [[-1, 100], [-1, 2, true], [24, 40], [24, 4, true]], Outcome::Helped, Formula::BeforeAfter, 60.0],
    '12 with ten on it, it compares' => [[0], 20, [[-1, 100], [-1, 10, true], [24, 40], [24, 20, true]], Outcome::Worked, Formula::HendersonTilton, 80.0],
    '13 the treated fell with the weather: the comparison says so' => [[0], 20, [[-1, 100], [-1, 100, true], [24, 50], [24, 55, true]], Outcome::Failed, Formula::HendersonTilton, 9.1],
    '14 only counted afterwards, on both' => [[0], 20, [[24, 6], [24, 40, true]], Outcome::Worked, Formula::Abbott, 85.0],
    '15 only counted afterwards, nothing beside it' => [[0], 20, [[24, 6]], Outcome::NoCountBefore],
    '16 counted four days before' => [[0], 20, [[-97, 100], [24, 6]], Outcome::NoCountBefore],
    '17 counted three days before' => [[0], 20, [[-72, 100], [24, 6]], Outcome::Worked, Formula::BeforeAfter, 94.0],
    '18 counted sixty days later' => [[0], 20, [[-1, 100], [1440, 6]], Outcome::NoCountAfter],
    '19 counted within a week of the fair look' => [[0], 20, [[-1, 100], [187, 6]], Outcome::Worked, Formula::BeforeAfter, 94.0],
    '20 the plant left alone was counted five days apart' => [[0], 20, [[-1, 100], [-121, 100, true], [24, 6], [24, 100, true]], Outcome::Worked, Formula::BeforeAfter, 94.0],
    '21 too few to say' => [[0], 20, [[-1, 4], [24, 0]], Outcome::TooFew],
    '22 it did nothing' => [[0], 20, [[-1, 100], [24, 95]], Outcome::Failed, Formula::BeforeAfter, 5.0],
    '23 it grew on' => [[0], 20, [[-1, 100], [24, 160]], Outcome::Failed, Formula::BeforeAfter, -60.0],
    '24 rebound: down at once and back within the week' => [[0], 20, [[-1, 100], [24, 5], [150, 80]], Outcome::CameBack, Formula::BeforeAfter, 95.0],
    '25 a few new ones are no rebound' => [[0], 20, [[-1, 100], [24, 5], [150, 20]], Outcome::Worked, Formula::BeforeAfter, 95.0],
    '26 winter oil, counted before bud break and the season after' => [[0], 1440, [[-1200, 60], [2400, 3]], Outcome::Worked, Formula::BeforeAfter, 95.0, true],
    '27 winter oil, counted next week' => [[0], 1440, [[-24, 60], [168, 60]], Outcome::TooEarly, null, null, true],
    '28 mildew by newly hit leaves after eight days: old spots stay' => [[0], 168, [[-2, 30], [192, 4]], Outcome::Worked, Formula::BeforeAfter, 86.7],
    '29 counted after the next round' => [[0, 48], 20, [[-1, 100], [72, 6]], Outcome::NoCountAfter],
    '30 counted only afterwards, and the plant left alone only before' => [[0], 20, [[-1, 40, true], [24, 6]], Outcome::NoCountBefore],
    '31 the plant left alone was counted before, and again two days after' => [[0], 20, [[-1, 100], [-1, 100, true], [24, 10], [60, 150, true]], Outcome::Worked, Formula::HendersonTilton, 93.3],
    '32 it was counted before only' => [[0], 20, [[-1, 100], [-1, 100, true], [24, 10]], Outcome::Worked, Formula::BeforeAfter, 90.0],
]);

it('judges rounds that come closer than the fair look as one programme', function (): void {
    // Four weak rounds of neem, three days apart, each taking a third, add up.
    $history = Histories::judged([0, 72, 144, 216], 168, [[-1, 100], [71, 66], [143, 44], [215, 30], [384, 14]]);
    expect(array_map(static fn($trial): Outcome => $trial->outcome(), $history->trials()))->toBe([Outcome::Step, Outcome::Step, Outcome::Step, Outcome::Step]);
    $judgements = $history->judgements();
    expect($judgements)->toHaveCount(1)->and($judgements[0]->rounds)->toBe([0, 1, 2, 3])
        ->and($judgements[0]->trial->outcome())->toBe(Outcome::Worked)->and($judgements[0]->trial->reduction())->toEqualWithDelta(86.0, 1e-9);
});

it('judges weekly neem round by round', function (): void {
    $history = Histories::judged([0, 168], 168, [[-1, 100], [167, 40], [336, 10]]);
    expect(array_map(static fn($trial): Outcome => $trial->outcome(), $history->trials()))->toBe([Outcome::Helped, Outcome::Helped])
        ->and(array_map(static fn(Judgement $one): array => $one->rounds, $history->judgements()))->toBe([[0], [1]]);
});

/**
 * Rounds of soap on aphids in cases of their own, with nothing beside them.
 *
 * @param list<float> $afters of a hundred before
 * @param int         $hand   the first so many with pruning or wiping the same day
 */
function judgedRecord(array $afters, int $hand): Record
{
    $effects = array_map(static fn(float $after, int $i): RoundEffect => RoundEffect::of("case {$i}", Histories::judged([0], 20, [[-1, 100], [24, $after]])->trials()[0], $i < $hand), $afters, array_keys($afters));

    return RecordBook::shipped()->ranked('aphids', ['soap' => $effects], ['soap' => SprayFamily::Soap], Clumping::usual())['soap'];
}

it('says keep, tune, drop or not enough', function (array $afters, RecordVerdict $verdict): void {
    /** @var list<float> $afters */
    expect(judgedRecord($afters, 0)->verdict())->toBe($verdict);
})->with([
    'two are not enough' => [[5.0, 5.0], RecordVerdict::NotEnough],
    'three that worked' => [[5.0, 10.0, 15.0], RecordVerdict::Keep],
    'two of three' => [[5.0, 10.0, 50.0], RecordVerdict::Keep],
    'one of three' => [[5.0, 50.0, 50.0], RecordVerdict::Tune],
    'all helped' => [[50.0, 50.0, 50.0], RecordVerdict::Tune],
    'none helped' => [[70.0, 90.0, 100.0], RecordVerdict::Drop],
]);

it('says of what somebody counts anew that only the spray can be thanked where nothing else was done', function (): void {
    expect(judgedRecord([5.0, 5.0, 5.0], 3)->verdict())->toBe(RecordVerdict::Tune)->and(judgedRecord([5.0, 5.0, 5.0], 1)->verdict())->toBe(RecordVerdict::Keep);
});

// Where the trade has a limit it is common practice without a source; what counts as worked, and how far back is back, are the house's own;
// where nothing was counted yet there is none.
it('tells of every verdict where its limit comes from, beside the sentence and not in it', function (CaseHistory $history, Outcome $outcome, ?Standing $standing): void {
    $trial = $history->trials()[0];
    $said = Findings::shipped()->trial($trial);
    expect($trial->outcome())->toBe($outcome)->and(Findings::shipped()->standing($trial))->toBe($standing)
        ->and($said)->not->toContain('common practice', 'our own');
})->with([
    [Histories::judged([0], 20, [[-1, 100], [24, 8]]), Outcome::Worked, Standing::Ours],
    [Histories::judged([0], 20, [[-1, 100], [24, 50]]), Outcome::Helped, Standing::Ours],
    [Histories::judged([0], 20, [[-1, 100], [24, 90]]), Outcome::Failed, Standing::Ours],
    [Histories::judged([0, 168], 20, [[-1, 100], [24, 8], [160, 80]]), Outcome::CameBack, Standing::Ours],
    [Histories::judged([0], 20, [[24, 8]]), Outcome::NoCountBefore, Standing::CommonPractice],
    [Histories::judged([0], 20, [[24, 8]], true), Outcome::NoCountBefore, Standing::Ours],
    [Histories::judged([0], 20, [[-1, 100]]), Outcome::NoCountAfter, null],
    [Histories::judged([0], 168, [[-1, 100], [24, 60]]), Outcome::TooEarly, null],
    [Histories::judged([0], 20, [[-1, 0], [24, 8]]), Outcome::NoneBefore, null],
    [Histories::judged([0], 20, [[-1, 9], [24, 1]]), Outcome::TooFew, Standing::CommonPractice],
    [Histories::judged([0], 20, [[24, 8], [24, 3, true]]), Outcome::UntreatedTooFew, Standing::CommonPractice],
    [Histories::judged([0], 20, [[-1, 100], [-1, 100, true], [24, 5], [24, 0, true]]), Outcome::ControlFell, Standing::CommonPractice],
]);

// Common practice, no source: a count before is at most three days old; the house's own: before a winter oil since the leaves fell, some 120 days.
it('says how old a count before may be: as the round has it, or as old as the round before it', function (CaseHistory $history, int $which, string $says): void {
    $trial = $history->trials()[$which];
    expect($trial->outcome())->toBe(Outcome::NoCountBefore)->and(Findings::shipped()->trial($trial))->toBe($says);
})->with([
    'four days before' => [Histories::judged([0], 20, [[-97, 100], [24, 6]]), 0, 'Not judged: nobody counted in the 3 days before.'],
    'winter oil, half a year before' => [Histories::judged([0], 20, [[-4000, 100]], true), 0, 'Not judged: nobody counted in the 120 days before.'],
    'two days before, and a round in between' => [Histories::judged([0, 48], 20, [[-1, 100], [90, 6]]), 1, 'Not judged: nobody counted since the round before.'],
]);
