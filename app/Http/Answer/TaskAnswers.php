<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeImmutable;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;

/** Tells of things to do. */
final class TaskAnswers
{
    /**
     * @param list<Task>      $tasks
     * @param array<int, int> $ready the batch that waits to be sprayed, by case
     *
     * @return list<TaskAnswer> most urgent first
     */
    public static function of(array $tasks, array $ready, DateTimeImmutable $now, Findings $findings, MoveWords $moves): array
    {
        return array_map(static fn(array $row): TaskAnswer => self::one($row, $findings, $moves, $ready[$row['task']->ref] ?? null), Agenda::sort($tasks, $now));
    }

    /** @param array{task: Task, urgency: Urgency, slot: Slot} $row */
    private static function one(array $row, Findings $findings, MoveWords $moves, ?int $ready): TaskAnswer
    {
        $task = $row['task'];
        $words = $findings->task($task);

        return new TaskAnswer($task->kind->value, $task->ref, $words['text'], $words['do'], Instant::of($task->dueAt), $row['urgency']->value, $row['slot']->value, $task->counted, $task->again, $task->kind->isRound() ? $ready : null, $task->case, Instant::of($task->plannedAt()), array_map($moves->move(...), $task->moves));
    }
}
