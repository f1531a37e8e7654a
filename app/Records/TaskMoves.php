<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\TaskMove;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\Task;

/** What the gardener said of tasks: another time, or not at all. */
final readonly class TaskMoves
{
    /** @param array<string, TaskMove> $all by task and planned time, the newest of each */
    private function __construct(private array $all) {}

    public static function read(): self
    {
        $all = [];
        foreach (TaskMove::query()->orderBy('id')->get() as $move) {
            $all[self::key($move->kind, $move->ref, $move->due_at)] = $move;
        }

        return new self($all);
    }

    /** Null where it is skipped. */
    public function applied(Task $task): ?Task
    {
        $move = $this->of($task->kind->value, $task->ref, $task->plannedAt());

        return match (true) {
            $move === null => $task,
            $move->moved_to === null => null,
            default => $task->movedTo($move->moved_to, new MovedDate('by-hand', $move->moved_to, $move->reason))->in(null),
        };
    }

    /** What was said of a task of that kind that was planned for then. */
    public function of(string $kind, int $ref, DateTimeImmutable $planned): ?TaskMove
    {
        return $this->all[self::key($kind, $ref, $planned)] ?? null;
    }

    private static function key(string $kind, int $ref, DateTimeImmutable $planned): string
    {
        return "{$kind} {$ref} {$planned->getTimestamp()}";
    }
}
