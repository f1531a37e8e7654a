<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeImmutable;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;
use Illuminate\Support\Facades\DB;

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
        $keys = self::keys($tasks);

        return array_map(static fn(array $row): TaskAnswer => self::one($row, $findings, $moves, $ready[$row['task']->ref] ?? null, $keys[self::settled($row['task'])][$row['task']->ref] ?? null), Agenda::sort($tasks, $now));
    }

    /**
     * @param list<Task> $tasks
     *
     * @return array<string, array<int, string>> by table and row
     */
    private static function keys(array $tasks): array
    {
        $rows = [];
        foreach ($tasks as $task) {
            $rows[self::settled($task)][] = $task->ref;
        }
        unset($rows['']);

        return array_combine(array_keys($rows), array_map(self::asked(...), array_keys($rows), $rows));
    }

    /**
     * @param list<int> $rows
     *
     * @return array<int, string>
     */
    private static function asked(string $table, array $rows): array
    {
        $keys = [];
        foreach (DB::table($table)->whereIn('id', $rows)->get(['id', 'submission']) as $row) {
            if (is_int($row->id) && is_string($row->submission)) {
                $keys[$row->id] = $row->submission;
            }
        }

        return $keys;
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
    private static function one(array $row, Findings $findings, MoveWords $moves, ?int $ready, ?string $key): TaskAnswer
    {
        $task = $row['task'];
        $words = $findings->task($task);

        return new TaskAnswer($task->kind->value, $task->ref, $key, $words['text'], $words['do'], Instant::of($task->dueAt), $row['urgency']->value, $row['slot']->value, $task->counted, $task->again, $task->kind->isRound() ? $ready : null, $task->case, Instant::of($task->plannedAt()), array_map($moves->move(...), $task->moves));
    }
}
