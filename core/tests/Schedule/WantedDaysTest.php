<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\RoundFacts;
use IdleMixer\Core\Schedule\RoundMoves;
use IdleMixer\Core\Schedule\WantedDays;

/*
 * What a day is worth that the gardener chose, written down before the rules: common practice, no source. It beats the rhythm of the school;
 * it beats neither the leaf, nor the bees, nor an end.
 */

function wantedAt(string $day, int $hour = 19): DateTimeImmutable
{
    return new DateTimeImmutable("2026-05-{$day}T{$hour}:00:00Z");
}

/**
 * Sprayed on the 1st, borne again from the 6th on.
 *
 * @param array{DateTimeImmutable|null, DateTimeImmutable}|null $blooms
 */
function wantedFacts(?DateTimeImmutable $washedOff = null, int $cleanLooks = 0, ?DateTimeImmutable $testUntil = null, ?DateTimeImmutable $restsUntil = null, ?DateTimeImmutable $inTurn = null, ?DateTimeImmutable $slowed = null, ?array $blooms = null, ?DateTimeImmutable $dryUntil = null): RoundFacts
{
    return new RoundFacts(wantedAt('01'), wantedAt('06'), $washedOff, $cleanLooks, $testUntil, null, wantedAt('01'), $restsUntil, $inTurn, $slowed, $blooms, $dryUntil, wantedSince: wantedAt('01', 20));
}

it('finds the day that comes next, at the hour of the last round', function (): void {
    $days = WantedDays::of(['2026-05-12', '2026-05-06', '2026-05-12']);
    expect($days->days)->toBe(['2026-05-06', '2026-05-12'])
        ->and($days->after(wantedAt('01'))?->format('m-d H'))->toBe('05-06 19')
        ->and($days->after(wantedAt('06', 7))?->format('m-d H'))->toBe('05-12 07')
        ->and($days->from(wantedAt('06', 7))?->format('m-d H'))->toBe('05-06 07')
        ->and($days->after(wantedAt('12')))->toBeNull()
        ->and(WantedDays::of([])->after(wantedAt('01')))->toBeNull();
});

it('asks for the round on the day that was chosen, and for none that is done once otherwise', function (): void {
    expect(CaseTasks::sprayedNext(wantedAt('01'), wantedAt('02'), 7, null, wantedAt('05'))?->format('d'))->toBe('05')
        ->and(CaseTasks::sprayedNext(wantedAt('01'), wantedAt('02'), null, null, wantedAt('05'))?->format('d'))->toBe('05')
        // The first round waits for the day; never for less than its leaf test.
        ->and(CaseTasks::sprayedNext(wantedAt('01'), null, null, null, wantedAt('05'))?->format('d'))->toBe('05')
        ->and(CaseTasks::sprayedNext(wantedAt('08'), null, null, null, wantedAt('05'))?->format('d'))->toBe('08');
});

it('moves a chosen day by what the leaf, the bees and the weather say, and by nothing else', function (string $day, RoundFacts $known, ?string $on, array $why): void {
    $due = RoundMoves::of(wantedAt($day), $known, wantedAt('02'));
    expect($due->at?->format('d'))->toBe($on)->and(array_map(static fn(MovedDate $one): string => $one->code, $due->moves))->toBe($why);
})->with([
    'nothing speaks against it' => ['09', wantedFacts(), '09', []],
    'the other spray’s turn' => ['09', wantedFacts(inTurn: wantedAt('11')), '09', []],
    'cool weeks' => ['09', wantedFacts(slowed: wantedAt('12')), '09', []],
    'one clean look' => ['09', wantedFacts(cleanLooks: 1), '09', []],
    'two clean looks' => ['09', wantedFacts(cleanLooks: 2), null, ['two-clean-looks']],
    'too soon after a round that was late' => ['04', wantedFacts(), '06', ['too-soon']],
    'rain washed the last one off' => ['14', wantedFacts(washedOff: wantedAt('01', 21)), '06', ['washed-off']],
    'rain that had fallen when it was chosen' => ['14', wantedFacts(washedOff: wantedAt('01', 20)), '14', []],
    'a leaf test' => ['09', wantedFacts(testUntil: wantedAt('10')), '10', ['leaf-test']],
    'burnt leaves' => ['09', wantedFacts(restsUntil: wantedAt('15')), '15', ['burnt']],
    'open flowers' => ['09', wantedFacts(blooms: [null, wantedAt('11', 0)]), '12', ['in-bloom']],
    'dry at the root' => ['09', wantedFacts(dryUntil: wantedAt('10', 0)), '10', ['dry-root']],
]);
