<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Declared\Identities;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
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
        $identities = self::identities($tasks);

        return array_map(static fn(array $row): TaskAnswer => self::one($row, $findings, $moves, $ready[$row['task']->ref] ?? null, $identities), Agenda::sort($tasks, $now));
    }

    /** @param list<Task> $tasks */
    private static function identities(array $tasks): Identities
    {
        $identities = new Identities();
        foreach (['cases', 'batches'] as $table) {
            $identities->prepare($table, array_column(array_filter($tasks, static fn(Task $task): bool => self::settled($task) === $table), 'ref'));
        }

        return $identities;
    }

    /** Where that lies which can be counted or poured away on the spot; empty where nothing can. */
    private static function settled(Task $task): string
    {
        return match (true) {
            $task->counted !== null => 'cases',
            $task->kind === TaskKind::Discard => 'batches',
            default => '',
        };
    }

    /** @param array{task: Task, urgency: Urgency, slot: Slot} $row */
    private static function one(array $row, Findings $findings, MoveWords $moves, ?int $ready, Identities $identities): TaskAnswer
    {
        $task = $row['task'];
        $table = self::settled($task);
        $key = $table === '' ? null : $identities->of($table, $task->ref);
        $words = $findings->task($task);

        return new TaskAnswer($task->kind->value, $task->ref, $key, $words['text'], $words['do'], Instant::of($task->dueAt), $row['urgency']->value, $row['slot']->value, $task->counted, $task->again, $task->kind->isRound() ? $ready : null, $task->case, Instant::of($task->plannedAt()), array_map($moves->move(...), $task->moves));
    }
}
