<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** When of the coming days a task has its place. */
enum Slot: string
{
    case Now = 'now';
    case Today = 'today';
    case Week = 'week';
    case After = 'after';

    /** What is sprayed is sprayed in the hours that it may have; where nobody told the weather, later today; the rest when it is due. */
    public static function of(Task $task, Urgency $urgency, DateTimeImmutable $now): self
    {
        $waits = $task->kind->isSprayed() ? $task->best === null || $task->best->from > $now : $task->dueAt > $now;

        return match (true) {
            $urgency !== Urgency::Later => $waits ? self::Today : self::Now,
            $task->dueAt <= $now->setTime(0, 0)->modify('+' . ScheduleLines::WEEK['value'] . ' days') => self::Week,
            default => self::After,
        };
    }
}
