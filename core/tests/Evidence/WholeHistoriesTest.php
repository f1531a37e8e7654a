<?php

declare(strict_types=1);

use IdleMixer\Core\Choice\RecordBook;
use IdleMixer\Core\Evidence\Clumping;
use IdleMixer\Core\Evidence\NextBatch;
use IdleMixer\Core\Evidence\RecordFacts;
use IdleMixer\Core\Evidence\RecordVerdict;
use IdleMixer\Core\Evidence\RoundEffect;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Tests\Support\Histories;

/*
 * Thirty-three seasons with one soap on aphids, as a gardener writes them down: before and after each round, and on a plant left alone where one
 * was counted. What a careful grower says of the spray, and does with the next batch: common practice, no source; written down by hand
 * before this was run. All were right at once.
 */

/**
 * @param list<array{?float, ?float, 2?: ?float, 3?: ?float}> $rounds before, after, and the same of the plant left alone
 * @param list<int>                                           $cases  which case each round is of; empty where each is of its own
 * @param list<int>                                           $hand   rounds that came with pruning, wiping or hosing
 * @param list<int>                                           $burnt  rounds that burnt leaves
 */
function seasonOf(array $rounds, array $cases = [], array $hand = [], array $burnt = []): RecordFacts
{
    $effects = [];
    foreach ($rounds as $i => $round) {
        $effects[] = RoundEffect::of('case ' . ($cases[$i] ?? $i), Histories::one([$round[0], $round[1], $round[2] ?? null, $round[3] ?? null]), in_array($i, $hand, true), burnt: in_array($i, $burnt, true));
    }

    return RecordFacts::of(RecordBook::shipped()->ranked('aphids', ['soap' => $effects], ['soap' => SprayFamily::Soap], Clumping::usual())['soap']);
}

it('says of a season what a careful grower says', function (RecordFacts $record, RecordVerdict $verdict, NextBatch $next): void {
    expect($record->reason->verdict())->toBe($verdict)->and(NextBatch::of($record, []))->toBe($next);
})->with([
    'nothing counted' => [seasonOf([[null, null], [null, null]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'counted before only' => [seasonOf([[100, null], [80, null], [60, null]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'counted after only' => [seasonOf([[null, 5], [null, 4], [null, 3]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'one that worked' => [seasonOf([[100, 5]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'two that worked' => [seasonOf([[100, 5], [90, 4]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'two that failed' => [seasonOf([[100, 95], [90, 88]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'three that worked' => [seasonOf([[100, 5], [90, 4], [120, 8]]), RecordVerdict::Keep, NextBatch::Same],
    'three that worked on one plant' => [seasonOf([[100, 5], [90, 4], [120, 8]], [1, 1, 1]), RecordVerdict::Keep, NextBatch::Same],
    'four of five worked' => [seasonOf([[100, 5], [90, 4], [120, 8], [80, 6], [100, 45]]), RecordVerdict::Keep, NextBatch::Same],
    'two of three worked, the third nearly' => [seasonOf([[100, 5], [90, 4], [120, 30]]), RecordVerdict::Keep, NextBatch::Same],
    'worked, compared with plants that grew on' => [seasonOf([[100, 10, 100, 150], [90, 8, 90, 120], [80, 6, 100, 130]]), RecordVerdict::Keep, NextBatch::Same],
    'only held it, where plants left alone doubled' => [seasonOf([[100, 100, 100, 200], [90, 90, 90, 180], [80, 85, 80, 160]]), RecordVerdict::Tune, NextBatch::Stronger],
    'fell by half, and so did the plants left alone' => [seasonOf([[100, 50, 100, 55], [90, 45, 90, 50], [80, 40, 80, 42]]), RecordVerdict::Drop, NextBatch::AnotherWay],
    'did nothing in four' => [seasonOf([[100, 95], [90, 92], [120, 110], [80, 85]]), RecordVerdict::Drop, NextBatch::AnotherWay],
    'did nothing in five, and it grew' => [seasonOf([[100, 150], [90, 160], [120, 200], [80, 130], [100, 140]]), RecordVerdict::Drop, NextBatch::AnotherWay],
    'half each time' => [seasonOf([[100, 50], [90, 45], [120, 60], [80, 40]]), RecordVerdict::Tune, NextBatch::Stronger],
    'three quarters each time' => [seasonOf([[100, 25], [90, 22], [120, 30], [80, 20]]), RecordVerdict::Tune, NextBatch::Oftener],
    'just under four of five each time' => [seasonOf([[100, 21], [90, 19], [120, 26], [80, 17]]), RecordVerdict::Tune, NextBatch::Oftener],
    'works one time, fails the next' => [seasonOf([[100, 5], [90, 85], [120, 8], [80, 78], [100, 6], [90, 88]]), RecordVerdict::Tune, NextBatch::Stronger],
    'worked in half, the others nearly' => [seasonOf([[100, 10], [90, 25], [120, 12], [80, 22]]), RecordVerdict::Tune, NextBatch::Oftener],
    'worked, hosed each time' => [seasonOf([[100, 5], [90, 4], [120, 8]], [], [0, 1, 2]), RecordVerdict::Tune, NextBatch::WithoutHand],
    'worked, hosed once' => [seasonOf([[100, 5], [90, 4], [120, 8]], [], [0]), RecordVerdict::Keep, NextBatch::Same],
    'worked, hosed each time, beside plants left alone that were not sprayed' => [seasonOf([[100, 5, 100, 110], [90, 4, 90, 100], [120, 8, 100, 120]], [], [0, 1, 2]), RecordVerdict::Keep, NextBatch::Same],
    'worked, and burnt each time' => [seasonOf([[100, 5], [90, 4], [120, 8]], [], [], [0, 1, 2]), RecordVerdict::Tune, NextBatch::Weaker],
    'worked, and burnt one of three times' => [seasonOf([[100, 5], [90, 4], [120, 8]], [], [], [1]), RecordVerdict::Tune, NextBatch::Weaker],
    'worked, and burnt one of six times' => [seasonOf([[100, 5], [90, 4], [120, 8], [100, 7], [90, 6], [110, 9]], [], [], [1]), RecordVerdict::Keep, NextBatch::Same],
    'did nothing, and burnt' => [seasonOf([[100, 95], [90, 92], [120, 110], [80, 85]], [], [], [0, 1]), RecordVerdict::Drop, NextBatch::AnotherWay],
    'few before each round' => [seasonOf([[6, 0], [4, 0], [8, 1]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'none before' => [seasonOf([[0, 0], [0, 3], [0, 0]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'the plants left alone lost all by themselves' => [seasonOf([[100, 2, 100, 0], [90, 1, 90, 2], [80, 3, 80, 0]]), RecordVerdict::NotEnough, NextBatch::CountMore],
    'counted afterwards on both' => [seasonOf([[null, 6, null, 60], [null, 4, null, 50], [null, 5, null, 70]]), RecordVerdict::Keep, NextBatch::Same],
    'worked in ten of twelve' => [seasonOf([[100, 5], [90, 4], [120, 8], [80, 6], [100, 45], [100, 9], [60, 4], [70, 5], [90, 60], [80, 7], [100, 8], [50, 3]]), RecordVerdict::Keep, NextBatch::Same],
    'hardly anything in six' => [seasonOf([[100, 75], [90, 70], [120, 85], [80, 66], [100, 70], [90, 62]]), RecordVerdict::Drop, NextBatch::AnotherWay],
]);
