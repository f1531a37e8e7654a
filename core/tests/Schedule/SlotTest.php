<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\BestHours;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

// Common practice, no source: what is sprayed waits for hours that it may have; where nobody told the weather, for the end of the day.
it('puts spraying into its hours, and the rest when it is due', function (TaskKind $kind, string $due, Slot $slot, ?string $from = null): void {
    $best = $from === null ? null : new BestHours(new DateTimeImmutable($from), new DateTimeImmutable('2026-06-10T20:00:00Z'));
    $sorted = Agenda::sort([(new Task($kind, 1, 'x', new DateTimeImmutable($due)))->in($best)], new DateTimeImmutable('2026-06-10T10:00:00Z'));
    expect($sorted[0]['slot'])->toBe($slot);
})->with([
    'a round of today' => [TaskKind::NextRound, '2026-06-10T06:00:00Z', Slot::Today],
    'a round of the day before yesterday' => [TaskKind::FirstRound, '2026-06-08T06:00:00Z', Slot::Today],
    'a round of today whose hours have begun' => [TaskKind::NextRound, '2026-06-10T09:00:00Z', Slot::Now, '2026-06-10T08:00:00Z'],
    'a round of yesterday whose hours begin now' => [TaskKind::NextRound, '2026-06-09T09:00:00Z', Slot::Now, '2026-06-10T10:00:00Z'],
    'a round of today whose hours are in the evening' => [TaskKind::NextRound, '2026-06-10T18:00:00Z', Slot::Today, '2026-06-10T18:00:00Z'],
    'a course of today whose hours have begun' => [TaskKind::CourseRound, '2026-06-10T08:00:00Z', Slot::Now, '2026-06-10T08:00:00Z'],
    'a count that is due' => [TaskKind::CountAfter, '2026-06-10T09:59:00Z', Slot::Now],
    'a look later today' => [TaskKind::ReadLeafTest, '2026-06-10T18:00:00Z', Slot::Today],
    'a round in six days' => [TaskKind::NextRound, '2026-06-16T10:00:00Z', Slot::Week],
    'the end of the seventh day' => [TaskKind::Discard, '2026-06-17T00:00:00Z', Slot::Week],
    'after that' => [TaskKind::Discard, '2026-06-17T00:01:00Z', Slot::After],
]);

it('sprays first when the plant is ready, then from round to round, and once where once is all', function (?string $last, ?int $days, ?string $next): void {
    $ready = new DateTimeImmutable('2026-06-03T08:00:00Z');
    $due = CaseTasks::sprayedNext($ready, $last === null ? null : new DateTimeImmutable($last), $days);
    expect($due?->format('Y-m-d H:i'))->toBe($next);
})->with([
    'before the first round' => [null, null, '2026-06-03 08:00'],
    'a week after it' => ['2026-06-10T19:30:00Z', 7, '2026-06-17 19:30'],
    'over the end of a month' => ['2026-06-27T19:30:00Z', 5, '2026-07-02 19:30'],
    'done once' => ['2026-06-10T19:30:00Z', null, null],
]);

it('knows what is for today: up to midnight', function (): void {
    $now = new DateTimeImmutable('2026-06-10T10:00:00Z');
    $for = static fn(string $at): bool => Agenda::isForToday(new DateTimeImmutable($at), $now);
    expect([$for('2026-06-01T00:00:00Z'), $for('2026-06-10T23:59:59.9Z'), $for('2026-06-11T00:00:00Z')])->toBe([true, true, false]);
});
