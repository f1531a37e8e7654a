<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** Newcomers and neighbours of what is infested: looked at weekly, cleared after four clean weeks. */
final class Quarantine
{
    /**
     * @param DateTimeImmutable $from   when it began
     * @param DateTimeImmutable $looked clean
     *
     * @return DateTimeImmutable|null when to look again; null when it is clear
     */
    public static function nextLook(DateTimeImmutable $from, DateTimeImmutable $looked): ?DateTimeImmutable
    {
        $end = $from->modify('+' . ScheduleLines::QUARANTINE['value'] . ' days');
        $next = $looked->modify('+' . ScheduleLines::QUARANTINE_LOOK['value'] . ' days');

        return match (true) {
            $looked >= $end => null,
            $next > $end => $end,
            default => $next,
        };
    }
}
