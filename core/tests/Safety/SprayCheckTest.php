<?php

declare(strict_types=1);

use IdleMixer\Core\Batch\BatchState;
use IdleMixer\Core\Batch\BatchStatus;
use IdleMixer\Core\Batch\SprayCheck;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Work\StandTest;

const MADE = '2026-06-01T18:00:00Z';

function stateOf(StandTest $glass = StandTest::Even, bool $discarded = false, ?string $made = MADE): BatchState
{
    $at = $made === null ? null : new DateTimeImmutable($made);

    return new BatchState($at, $at?->modify('+8 hours'), $discarded, $glass);
}

/** @return array<string, Level> by wording */
function said(BatchState $batch, ?LeafTest $test, string $now): array
{
    $all = [];
    foreach (SprayCheck::verdicts($batch, $test, new DateTimeImmutable($now)) as $verdict) {
        $all[$verdict->wording] = $verdict->level;
    }

    return $all;
}

function cleanTest(): LeafTest
{
    return new LeafTest(new DateTimeImmutable('2026-05-28T18:00:00Z'), 48, [new LeafLook(new DateTimeImmutable('2026-05-31T18:00:00Z'), Reaction::Clean)]);
}

it('passes a fresh batch whose leaves stayed clean', function (): void {
    expect(said(stateOf(), cleanTest(), '2026-06-01T20:00:00Z'))->toBe(['batch-fit' => Level::Ok, 'leaf-test-go-ahead' => Level::Ok]);
});

it('stops what was kept too long', function (): void {
    // Common practice, no source: neem sprays 8 hours by the cautious school.
    expect(said(stateOf(), cleanTest(), '2026-06-02T02:00:01Z'))->toBe(['batch-kept-too-long' => Level::Stop, 'leaf-test-go-ahead' => Level::Ok])
        ->and(stateOf()->status(new DateTimeImmutable('2026-06-02T02:00:01Z')))->toBe(BatchStatus::Old)
        ->and(stateOf()->status(new DateTimeImmutable('2026-06-02T02:00:00Z')))->toBe(BatchStatus::Ready);
});

it('stops what separated in the glass', function (StandTest $glass): void {
    expect(said(stateOf($glass), cleanTest(), '2026-06-01T20:00:00Z'))->toHaveKey('batch-unsteady', Level::Stop);
})->with([[StandTest::Ring], [StandTest::Beads], [StandTest::Layer], [StandTest::Scum]]);

it('asks for a leaf test', function (): void {
    expect(said(stateOf(), null, '2026-06-01T20:00:00Z'))->toHaveKey('leaf-test-none', Level::Caution);
});

it('stops what marked the leaves', function (Reaction $reaction, string $wording): void {
    $test = new LeafTest(new DateTimeImmutable('2026-05-28T18:00:00Z'), 48, [new LeafLook(new DateTimeImmutable('2026-05-29T18:00:00Z'), $reaction)]);
    expect(said(stateOf(), $test, '2026-06-01T20:00:00Z'))->toHaveKey($wording, Level::Stop);
})->with([[Reaction::Slight, 'leaf-test-weaken'], [Reaction::Marked, 'leaf-test-refuse'], [Reaction::Dead, 'leaf-test-refuse']]);

it('has nothing to spray while it is mixed, or once it is thrown away', function (): void {
    expect(said(stateOf(made: null), null, '2026-06-01T20:00:00Z'))->toBe(['batch-not-finished' => Level::Stop])
        ->and(said(stateOf(discarded: true), null, '2026-06-01T20:00:00Z'))->toBe(['batch-discarded' => Level::Stop])
        ->and(stateOf(made: null)->status(new DateTimeImmutable(MADE)))->toBe(BatchStatus::Mixing);
});

it('knows a worse level', function (): void {
    expect(Level::Stop->isWorseThan(Level::Caution))->toBeTrue()
        ->and(Level::Ok->isWorseThan(Level::Caution))->toBeFalse()
        ->and((new Verdict('a', Level::Ok, 'b', [], null))->source)->toBeNull();
});
