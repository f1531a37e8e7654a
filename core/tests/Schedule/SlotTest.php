<?php

declare(strict_types=1);

use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

// Oils, soap and neem are put on at dusk, out of the sun (common practice, no source).
it('puts spraying in the evening, and the rest when it is due', function (TaskKind $kind, string $due, Slot $slot): void {
    $sorted = Agenda::sort([new Task($kind, 1, 'x', new DateTimeImmutable($due))], new DateTimeImmutable('2026-06-10T10:00:00Z'));
    expect($sorted[0]['slot'])->toBe($slot);
})->with([
    'a round of today' => [TaskKind::NextRound, '2026-06-10T06:00:00Z', Slot::Evening],
    'a round of the day before yesterday' => [TaskKind::FirstRound, '2026-06-08T06:00:00Z', Slot::Evening],
    'a count that is due' => [TaskKind::CountAfter, '2026-06-10T09:59:00Z', Slot::Now],
    'a look later today' => [TaskKind::ReadLeafTest, '2026-06-10T18:00:00Z', Slot::Evening],
    'a round in six days' => [TaskKind::NextRound, '2026-06-16T10:00:00Z', Slot::Week],
    'the end of the seventh day' => [TaskKind::Discard, '2026-06-17T00:00:00Z', Slot::Week],
    'after that' => [TaskKind::Discard, '2026-06-17T00:01:00Z', Slot::After],
]);
