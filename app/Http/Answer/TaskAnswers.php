<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;

/** Tells of one thing to do. */
final class TaskAnswers
{
    /** @param array{task: Task, urgency: Urgency, slot: Slot} $row */
    public static function of(array $row, Findings $findings, MoveWords $moves): TaskAnswer
    {
        $task = $row['task'];
        $words = $findings->task($task);

        return new TaskAnswer($task->kind->value, $task->ref, $words['text'], $words['do'], Instant::of($task->dueAt), $row['urgency']->value, $row['slot']->value, $task->counted, $task->again, Instant::of($task->plannedAt()), array_map($moves->move(...), $task->moves));
    }
}
