<?php

declare(strict_types=1);

use IdleMixer\Core\Leaf\LeafLook;
use IdleMixer\Core\Leaf\LeafTest;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Leaf\Reaction;
use IdleMixer\Core\Safety\Level;

/** @param list<array{string, Reaction}> $looks */
function outcomeOf(int $wait, array $looks, string $now): LeafTestOutcome
{
    $readings = array_map(static fn(array $look): LeafLook => new LeafLook(new DateTimeImmutable($look[0]), $look[1]), $looks);

    return (new LeafTest(new DateTimeImmutable('2026-07-01T20:00:00Z'), $wait, $readings))->outcome(new DateTimeImmutable($now));
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
            $readings[] = new LeafLook(new DateTimeImmutable((string) $at), $worst);
        }

        return (new LeafTest(new DateTimeImmutable('2026-07-01T20:00:00Z'), 48, $readings))->saidAt()?->format('Y-m-d\TH:i');
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
    [LeafTestOutcome::GoAhead, Level::Ok, true], [LeafTestOutcome::Weaken, Level::Caution, true], [LeafTestOutcome::Refuse, Level::Stop, true],
]);
