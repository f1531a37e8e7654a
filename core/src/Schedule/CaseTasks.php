<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateInterval;
use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** What an open case asks for next. */
final class CaseTasks
{
    /** When the plants that stood next to it are looked at, after the case was opened: our own choice. */
    public const NEIGHBOURS_AFTER_HOURS = ScheduleLines::NEIGHBOURS_AFTER['value'];

    /**
     * @param string|null       $counted what is counted of it
     * @param DateTimeImmutable $ready when the first round may be: when the case was opened, or when its leaf test is over
     * @param Waiting|null      $waiting until when nobody sprays; null where nobody waits
     * @param DateTimeImmutable|null $wanted when the gardener wants the next round; null where it comes as the school has it
     *
     * @return list<Task>
     */
    public static function of(int $case, string $about, DateTimeImmutable $ready, ?RoundDone $last, ?string $counted = null, ?Waiting $waiting = null, ?DateTimeImmutable $wanted = null): array
    {
        $look = $last?->nextLook();
        $look = $waiting === null ? $look : min($look ?? $waiting->until, $waiting->until);
        $tasks = [];
        if ($look !== null) {
            $tasks[] = new Task(TaskKind::CountAfter, $case, $about, $look, $counted);
        }
        $round = self::sprayedNext($ready, $last?->at, $last?->repeatDays, $waiting, $wanted);
        if ($round !== null) {
            $tasks[] = new Task($last?->isDecided !== true ? TaskKind::FirstRound : TaskKind::NextRound, $case, $about, $round);
        }

        return $tasks;
    }

    /**
     * @param DateTimeImmutable      $ready      when the first round may be
     * @param DateTimeImmutable|null $last       when it was sprayed last; null before the first round
     * @param int|null               $repeatDays from that round to the next; null where it is done once
     * @param Waiting|null           $waiting    until when nobody sprays; null where nobody waits
     * @param DateTimeImmutable|null $wanted     when the gardener wants it; null where it comes as the school has it
     *
     * @return DateTimeImmutable|null null where nothing is sprayed any more
     */
    public static function sprayedNext(DateTimeImmutable $ready, ?DateTimeImmutable $last, ?int $repeatDays, ?Waiting $waiting = null, ?DateTimeImmutable $wanted = null): ?DateTimeImmutable
    {
        return match (true) {
            $last === null => Waiting::orLater(max($ready, $wanted ?? $ready), $waiting),
            $wanted !== null => Waiting::orLater($wanted, $waiting),
            $repeatDays === null => null,
            default => Waiting::orLater($last->add(new DateInterval("P{$repeatDays}D")), $waiting),
        };
    }
}
