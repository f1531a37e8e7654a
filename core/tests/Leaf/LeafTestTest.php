<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\InjuryKind;
use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Leaf\SeenLeaf;
use IdleMixer\Core\Leaf\TestLeaves;
use IdleMixer\Core\Leaf\Weaker;
use IdleMixer\Core\Safety\Level;
use IdleMixer\Core\Tests\Support\Sprays;

/** @param list<array{string, Reaction}> $looks */
function outcomeOf(int $wait, array $looks, string $now): LeafTestOutcome
{
    $readings = array_map(static fn(array $look): LeafLook => Sprays::look(new DateTimeImmutable($look[0]), $look[1]), $looks);

    return (new LeafTest(new DateTimeImmutable('2026-07-01T20:00:00Z'), $wait, TestLeaves::of(2, [1.0], false), $readings))->outcome(new DateTimeImmutable($now));
}

// Common practice, no source: 24 or 48 hours; some injury shows only after a day or two.
it('waits, then asks to look', function (): void {
    expect(outcomeOf(48, [], '2026-07-03T19:59:59Z'))->toBe(LeafTestOutcome::Waiting)
        ->and(outcomeOf(48, [], '2026-07-03T20:00:00Z'))->toBe(LeafTestOutcome::LookNow)
        ->and(outcomeOf(24, [], '2026-07-02T20:00:00Z'))->toBe(LeafTestOutcome::LookNow);
});

it('does not take an early clean look for the answer', function (): void {
    expect(outcomeOf(48, [['2026-07-02T20:00:00Z', Reaction::Clean]], '2026-07-02T21:00:00Z'))->toBe(LeafTestOutcome::Waiting)
        ->and(outcomeOf(48, [['2026-07-02T20:00:00Z', Reaction::Clean]], '2026-07-04T00:00:00Z'))->toBe(LeafTestOutcome::LookNow)
        ->and(outcomeOf(48, [['2026-07-03T20:00:00Z', Reaction::Clean]], '2026-07-04T00:00:00Z'))->toBe(LeafTestOutcome::GoAhead);
});

it('counts a mark whenever it is seen, and the worst one decides', function (): void {
    expect(outcomeOf(48, [['2026-07-02T08:00:00Z', Reaction::Marked]], '2026-07-02T08:00:00Z'))->toBe(LeafTestOutcome::Refuse)
        ->and(outcomeOf(48, [['2026-07-02T08:00:00Z', Reaction::Slight], ['2026-07-03T21:00:00Z', Reaction::Clean]], '2026-07-04T00:00:00Z'))->toBe(LeafTestOutcome::Weaken)
        ->and(outcomeOf(24, [['2026-07-02T21:00:00Z', Reaction::Dead]], '2026-07-04T00:00:00Z'))->toBe(LeafTestOutcome::Refuse);
});

it('was said at the first mark, or at the first look once the wait was over', function (): void {
    $said = static function (array $looks): ?string {
        $readings = [];
        foreach ($looks as $at => $worst) {
            assert($worst instanceof Reaction);
            $readings[] = Sprays::look(new DateTimeImmutable((string) $at), $worst);
        }

        return (new LeafTest(new DateTimeImmutable('2026-07-01T20:00:00Z'), 48, TestLeaves::of(2, [1.0], false), $readings))->saidAt()?->format('Y-m-d\TH:i');
    };
    expect($said([]))->toBeNull()
        ->and($said(['2026-07-03T19:59:59Z' => Reaction::Clean]))->toBeNull()
        ->and($said(['2026-07-03T20:00:00Z' => Reaction::Clean, '2026-07-05T08:00:00Z' => Reaction::Clean]))->toBe('2026-07-03T20:00')
        ->and($said(['2026-07-02T08:00:00Z' => Reaction::Slight, '2026-07-04T08:00:00Z' => Reaction::Dead]))->toBe('2026-07-02T08:00');
});

it('takes the worst leaf', function (): void {
    expect(Reaction::worst([Reaction::Clean, Reaction::Marked, Reaction::Slight]))->toBe(Reaction::Marked)
        ->and(Reaction::worst([Reaction::Clean]))->toBe(Reaction::Clean);
});

it('says what each outcome means for the plant', function (LeafTestOutcome $outcome, Level $level, bool $concluded): void {
    expect($outcome->level())->toBe($level)->and($outcome->isConcluded())->toBe($concluded);
})->with([
    [LeafTestOutcome::Waiting, Level::Caution, false], [LeafTestOutcome::LookNow, Level::Caution, false],
    [LeafTestOutcome::LookAgain, Level::Caution, false], [LeafTestOutcome::SaysNothing, Level::Caution, true],
    [LeafTestOutcome::GoAhead, Level::Ok, true], [LeafTestOutcome::GoWeaker, Level::Caution, true], [LeafTestOutcome::Weaken, Level::Caution, true], [LeafTestOutcome::Refuse, Level::Stop, true],
]);

/*
 * Written down before the code. A careful grower leaves one leaf alone beside the wetted ones and blames the spray only for
 * what that one does not show; a leaf that was torn off says nothing; of a ladder the strongest clean strength goes, if
 * nothing weaker burnt (common practice, no source; 1, 5 and 70 % of a leaf are our own lines).
 */
it('decides a test as a careful grower would', function (array $rungs, array $looks, LeafTestOutcome $outcome, ?float $weaker): void {
    /** @var list<float> $rungs */
    $begun = new DateTimeImmutable('2026-07-01T20:00:00Z');
    $read = [];
    /** @var list<array{int, array<int, int|array{int, list<InjuryKind>, bool}>}> $looks */
    foreach ($looks as [$hours, $leaves]) {
        $seen = [];
        foreach ($leaves as $number => $leaf) {
            [$share, $kinds, $lost] = is_array($leaf) ? $leaf : [$leaf, [], false];
            $seen[] = new SeenLeaf($number, (float) $share, (float) $share, (float) $share, $kinds, $lost);
        }
        $read[] = new LeafLook($begun->modify("+{$hours} hours"), $seen);
    }
    $test = new LeafTest($begun, 48, TestLeaves::of(2, $rungs, true), $read);
    $now = new DateTimeImmutable('2026-07-03T21:00:00Z');
    expect($test->outcome($now))->toBe($outcome);
    if ($outcome === LeafTestOutcome::GoWeaker) {
        expect($test->strongestClean($now))->toBe($weaker);
    }
    // Where it marked: the clean strength, or half of the weakest that did, which is to be tested (common practice, no source).
    $next = Weaker::of($test, $now);
    $marked = in_array($outcome, [LeafTestOutcome::Refuse, LeafTestOutcome::Weaken], true);
    expect([$next?->factor, $next?->proven])->toBe(match (true) {
        $outcome === LeafTestOutcome::GoWeaker => [$weaker, true],
        $marked => [($rungs[count($rungs) - 1] ?? 0.0) / 2.0, false],
        default => [null, null],
    });
})->with([
    // Leaves 1 and 2 are sprayed, 3 got water, 4 is untouched.
    'all clean' => [[1.0], [[49, [1 => 0, 2 => 0, 3 => 0, 4 => 0]]], LeafTestOutcome::GoAhead, null],
    'a mark that the untouched leaf has too' => [[1.0], [[49, [1 => 4, 2 => 3, 3 => 3, 4 => 4]]], LeafTestOutcome::GoAhead, null],
    'more than the untouched leaf has' => [[1.0], [[49, [1 => 7, 2 => 3, 3 => 0, 4 => 4]]], LeafTestOutcome::Weaken, null],
    'much more than it' => [[1.0], [[49, [1 => 20, 2 => 3, 3 => 0, 4 => 4]]], LeafTestOutcome::Refuse, null],
    'the untouched leaf is hurt as well' => [[1.0], [[49, [1 => 30, 2 => 30, 3 => 25, 4 => 25]]], LeafTestOutcome::SaysNothing, null],
    'the leaf with water is hurt: sun, or the water' => [[1.0], [[49, [1 => 30, 2 => 0, 3 => 15, 4 => 0]]], LeafTestOutcome::SaysNothing, null],
    'hurt early, before the untouched leaf was' => [[1.0], [[24, [1 => 20, 2 => 0, 3 => 0, 4 => 0]], [49, [1 => 30, 2 => 0, 3 => 20, 4 => 20]]], LeafTestOutcome::Refuse, null],
    'an early look that is clean' => [[1.0], [[24, [1 => 0, 2 => 0, 3 => 0, 4 => 0]]], LeafTestOutcome::LookNow, null],
    'one leaf was torn off' => [[1.0], [[49, [1 => [0, [], true], 2 => 0, 3 => 0, 4 => 0]]], LeafTestOutcome::SaysNothing, null],
    'it hangs, and little of it is burnt' => [[1.0], [[49, [1 => [1, [InjuryKind::Wilt], false], 2 => 0, 3 => 0, 4 => 0]]], LeafTestOutcome::Refuse, null],
    'it fell' => [[1.0], [[30, [1 => [0, [InjuryKind::Drop], false], 2 => 0, 3 => 0, 4 => 0]]], LeafTestOutcome::Refuse, null],
    // A ladder: 1 and 2 full, 3 and 4 half, 5 water, 6 untouched.
    'full burnt, half clean' => [[1.0, 0.5], [[49, [1 => 30, 2 => 10, 3 => 0, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::GoWeaker, 0.5],
    'full burnt early, half not yet due' => [[1.0, 0.5], [[20, [1 => 30, 2 => 10, 3 => 0, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::LookNow, null],
    'full and half clean' => [[1.0, 0.5], [[49, [1 => 0, 2 => 0, 3 => 0, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::GoAhead, null],
    'full clean and half burnt: chance, or another plant, so neither goes' => [[1.0, 0.5], [[49, [1 => 0, 2 => 0, 3 => 30, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::Refuse, null],
    'only the quarter is clean' => [[1.0, 0.5, 0.25], [[49, [1 => 30, 2 => 10, 3 => 4, 4 => 0, 5 => 0, 6 => 0, 7 => 0, 8 => 0]]], LeafTestOutcome::GoWeaker, 0.25],
    'full clean, half burnt, quarter clean: the quarter' => [[1.0, 0.5, 0.25], [[49, [1 => 0, 2 => 0, 3 => 30, 4 => 0, 5 => 0, 6 => 0, 7 => 0, 8 => 0]]], LeafTestOutcome::GoWeaker, 0.25],
    'all burnt' => [[1.0, 0.5], [[49, [1 => 30, 2 => 10, 3 => 10, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::Refuse, null],
    'all burnt, the half only slightly' => [[1.0, 0.5], [[49, [1 => 30, 2 => 10, 3 => 3, 4 => 0, 5 => 0, 6 => 0]]], LeafTestOutcome::Weaken, null],
]);

it('asks to look again where a measurement may be either', function (): void {
    $begun = new DateTimeImmutable('2026-07-01T20:00:00Z');
    $look = new LeafLook($begun->modify('+49 hours'), [new SeenLeaf(1, 0.8, 0.0, 7.0), new SeenLeaf(2, 0.0, 0.0, 0.5)]);
    $test = new LeafTest($begun, 48, TestLeaves::of(2, [1.0], false), [$look]);
    expect($test->outcome($begun->modify('+50 hours')))->toBe(LeafTestOutcome::LookAgain)->and($test->saidAt())->toBeNull();
});

it('is looked at early, then when the wait is over, and a look that was missed stays due', function (): void {
    $begun = new DateTimeImmutable('2026-07-01T20:00:00Z');
    $next = static fn(int $wait, array $looks, int $hours): int => intdiv((new LeafTest($begun, $wait, TestLeaves::of(2, [1.0], false), array_map(static fn(mixed $at): LeafLook => Sprays::look($begun->modify('+' . (is_int($at) ? $at : 0) . ' hours'), Reaction::Clean), array_values($looks))))->nextLookAt($begun->modify("+{$hours} hours"))->getTimestamp() - $begun->getTimestamp(), 3600);
    expect($next(48, [], 1))->toBe(24)->and($next(48, [], 40))->toBe(24)->and($next(48, [], 50))->toBe(48)
        ->and($next(48, [25], 26))->toBe(48)->and($next(72, [], 1))->toBe(24)->and($next(24, [], 1))->toBe(24);
});
