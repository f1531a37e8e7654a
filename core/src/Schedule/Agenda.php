<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** Sorts tasks into what is overdue, what is for today, and what comes later. */
final readonly class Agenda
{
    /** Days ahead that are still shown. */
    public const HORIZON_DAYS = ScheduleLines::HORIZON['value'];

    /**
     * @param list<Task> $tasks
     * @param bool       $near  whether what lies beyond two weeks is left out, as it is of a day; of one case or plant all is told
     *
     * @return list<array{task: Task, urgency: Urgency, slot: Slot}> earliest first
     */
    public static function sort(array $tasks, DateTimeImmutable $now, bool $near = true): array
    {
        $horizon = $now->modify('+' . self::HORIZON_DAYS . ' days');
        $those = array_values(array_filter($tasks, static fn(Task $task): bool => ! $near || $task->dueAt <= $horizon));
        $order = array_flip(array_map(static fn(TaskKind $kind): string => $kind->value, TaskKind::cases()));
        usort($those, static fn(Task $a, Task $b): int => [$a->dueAt, $order[$a->kind->value], $a->ref] <=> [$b->dueAt, $order[$b->kind->value], $b->ref]);

        return array_map(static function (Task $task) use ($now): array {
            $urgency = self::urgency($task, $now);

            return ['task' => $task, 'urgency' => $urgency, 'slot' => Slot::of($task, $urgency, $now)];
        }, $those);
    }

    /** Whether it is for today at the latest. */
    public static function isForToday(DateTimeImmutable $dueAt, DateTimeImmutable $now): bool
    {
        return $dueAt < $now->setTime(0, 0)->modify('+1 day');
    }

    /** A task is overdue when its day has passed; a discard the moment its hour has. */
    private static function urgency(Task $task, DateTimeImmutable $now): Urgency
    {
        return match (true) {
            $task->kind === TaskKind::Discard && $task->dueAt < $now => Urgency::Overdue,
            $task->dueAt < $now->setTime(0, 0) => Urgency::Overdue,
            self::isForToday($task->dueAt, $now) => Urgency::Today,
            default => Urgency::Later,
        };
    }
}
