<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** When of the coming days a task has its place. */
enum Slot: string
{
    case Now = 'now';
    case Evening = 'evening';
    case Week = 'week';
    case After = 'after';

    /** What is sprayed is sprayed in the evening, out of the sun (common practice, no source); the rest when it is due. */
    public static function of(Task $task, Urgency $urgency, DateTimeImmutable $now): self
    {
        $sprayed = $task->kind->isSprayed();

        return match (true) {
            $urgency !== Urgency::Later && ($sprayed || $task->dueAt > $now) => self::Evening,
            $urgency !== Urgency::Later => self::Now,
            $task->dueAt <= $now->setTime(0, 0)->modify('+' . ScheduleLines::WEEK['value'] . ' days') => self::Week,
            default => self::After,
        };
    }
}
