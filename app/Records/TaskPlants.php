<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Watch;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

/** Of which plant each thing to do is. */
final class TaskPlants
{
    /**
     * @param list<Task> $tasks
     *
     * @return array<int, list<Task>> those that are of one plant, by its id
     */
    public static function by(array $tasks): array
    {
        $plants = self::of($tasks);
        $by = [];
        foreach ($tasks as $task) {
            $plant = $plants[self::key($task)] ?? null;
            if ($plant !== null) {
                $by[$plant][] = $task;
            }
        }

        return $by;
    }

    public static function key(Task $task): string
    {
        return "{$task->kind->value} {$task->ref}";
    }

    /**
     * @param list<Task> $tasks
     *
     * @return array<string, int> id of the plant, by task; none for what is of no plant, or of many
     */
    public static function of(array $tasks): array
    {
        $refs = static fn(TaskKind ...$kinds): array => array_values(array_unique(array_map(static fn(Task $task): int => $task->ref, array_filter($tasks, static fn(Task $task): bool => in_array($task->kind, $kinds, true)))));
        $cases = PestCase::query()->whereIn('id', $refs(TaskKind::CountAfter, TaskKind::FirstRound, TaskKind::NextRound))->pluck('plant_id', 'id');
        $tests = LeafTest::query()->whereIn('id', $refs(TaskKind::ReadLeafTest))->pluck('plant_id', 'id');
        $watches = Watch::query()->whereIn('id', $refs(TaskKind::LookOver))->pluck('plant_id', 'id');
        $plants = [];
        foreach ($tasks as $task) {
            $plant = match ($task->kind) {
                TaskKind::CountAfter, TaskKind::FirstRound, TaskKind::NextRound => $cases[$task->ref] ?? null,
                TaskKind::ReadLeafTest => $tests[$task->ref] ?? null,
                TaskKind::LookOver => $watches[$task->ref] ?? null,
                TaskKind::LookAtBurn => $task->ref,
                TaskKind::FinishRun, TaskKind::FinishMixing, TaskKind::Discard, TaskKind::CourseLook, TaskKind::CourseRound, TaskKind::TrialCount, TaskKind::TrialSpray, TaskKind::TrialEnd => null,
            };
            if (is_int($plant)) {
                $plants[self::key($task)] = $plant;
            }
        }

        return $plants;
    }
}
