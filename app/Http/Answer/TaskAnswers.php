<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Declared\Identities;
use App\Models\Batch;
use App\Records\Bottles;
use App\Records\ReadyBatches;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Slot;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Wording\Findings;
use IdleMixer\Core\Wording\MoveWords;

/** Tells of things to do. */
final readonly class TaskAnswers
{
    public function __construct(private Findings $findings, private MoveWords $moves, private BottleAnswers $bottles) {}

    /**
     * @param list<Task>      $tasks
     * @param array<int, int> $ready the batch that waits to be sprayed, by case
     * @param bool            $near  whether what lies beyond two weeks is left out, as it is of a day
     *
     * @return list<TaskAnswer> most urgent first
     */
    public function of(array $tasks, array $ready, DateTimeImmutable $now, bool $near = true): array
    {
        $identities = self::identities($tasks);
        $courses = ReadyBatches::ofCourses(array_values(array_map(static fn(Task $task): int => $task->ref, array_filter($tasks, static fn(Task $task): bool => $task->kind === TaskKind::CourseRound))), $now);
        $waits = static fn(Task $task): ?int => ($task->kind === TaskKind::CourseRound ? $courses : ($task->kind->isRound() ? $ready : []))[$task->ref] ?? null;
        $bottles = $this->bottles($tasks, $waits, $now);

        return array_map(fn(array $row): TaskAnswer => $this->one($row, $waits($row['task']), $identities, $bottles), Agenda::sort($tasks, $now, $near));
    }

    /**
     * @param list<Task>           $tasks
     * @param callable(Task): ?int $waits the batch that waits to be sprayed
     *
     * @return array<int, BottleAnswer> where each batch stands that is spoken of, by its id
     */
    private function bottles(array $tasks, callable $waits, DateTimeImmutable $now): array
    {
        $ids = array_filter(array_map(static fn(Task $task): ?int => self::batchOf($task, $waits($task)), $tasks), static fn(?int $id): bool => $id !== null);
        $all = [];
        foreach (Batch::query()->whereIn('id', array_unique($ids))->with([...Bottles::WITH, 'plant', 'case.plant'])->get() as $batch) {
            $all[$batch->id] = $this->bottles->of($batch, $now);
        }

        return $all;
    }

    /** @param int|null $ready the batch that waits to be sprayed on what the task is of */
    private static function batchOf(Task $task, ?int $ready): ?int
    {
        return match (true) {
            $task->kind === TaskKind::FinishMixing, $task->kind === TaskKind::Discard => $task->ref,
            default => $ready,
        };
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

    /**
     * @param array{task: Task, urgency: Urgency, slot: Slot} $row
     * @param array<int, BottleAnswer>                        $bottles by batch
     */
    private function one(array $row, ?int $ready, Identities $identities, array $bottles): TaskAnswer
    {
        $task = $row['task'];
        $table = self::settled($task);
        $key = $table === '' ? null : $identities->of($table, $task->ref);
        $words = $this->findings->task($task);
        $bottle = $bottles[self::batchOf($task, $ready) ?? 0] ?? null;

        return new TaskAnswer($task->kind->value, $task->ref, $key, $task->kind === TaskKind::Discard && $bottle !== null && $bottle->end === null ? $this->findings->stands($task, $bottle->words) : $words['text'], $bottle->actWords ?? $words['do'], $words['short'], $task->plant, Instant::of($task->dueAt), $row['urgency']->value, $row['slot']->value, $task->counted, Instant::maybe($task->best?->from), Instant::maybe($task->best?->to), $ready, $task->kind->isUndecided($ready !== null), $task->case, Instant::of($task->plannedAt()), array_map($this->moves->move(...), $task->moves), $bottle);
    }
}
