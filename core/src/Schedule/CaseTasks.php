<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** What an open case asks for next. */
final class CaseTasks
{
    /** When the plants that stood next to it are looked at, after the case was opened: our own choice. */
    public const NEIGHBOURS_AFTER_HOURS = ScheduleLines::NEIGHBOURS_AFTER['value'];

    /**
     * @param string|null       $counted what is counted of it
     * @param int|null          $again   the batch that was sprayed last
     * @param DateTimeImmutable $ready when the first round may be: when the case was opened, or when its leaf test is over
     *
     * @return list<Task>
     */
    public static function of(int $case, string $about, DateTimeImmutable $ready, ?RoundDone $last, ?string $counted = null, ?int $again = null): array
    {
        if ($last === null) {
            return [new Task(TaskKind::FirstRound, $case, $about, $ready)];
        }
        $tasks = [];
        $look = $last->nextLook();
        if ($look !== null) {
            $tasks[] = new Task(TaskKind::CountAfter, $case, $about, $look, $counted);
        }
        if ($last->repeatDays !== null) {
            $tasks[] = new Task(TaskKind::NextRound, $case, $about, $last->at->modify("+{$last->repeatDays} days"), null, $again);
        }

        return $tasks;
    }
}
