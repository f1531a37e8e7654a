<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\ScheduleLines;

/** Days of a course, counted from its first one, by the clock of the place. */
final readonly class PlaceDays
{
    private function __construct(
        private DateTimeZone $zone,
        /** Midnight of the first day, in UTC: every day is as long as any other. */
        private DateTimeImmutable $start,
    ) {}

    /** From the day of an instant on. */
    public static function from(DateTimeImmutable $first, DateTimeZone $zone): self
    {
        return new self($zone, self::midnight($first->setTimezone($zone)));
    }

    /** Of an instant: 0 on the first day, below it before. */
    public function of(DateTimeImmutable $at): int
    {
        return $this->ofDate($at->setTimezone($this->zone));
    }

    /** Of a day that somebody named, whatever the hour. */
    public function ofDate(DateTimeImmutable $date): int
    {
        return (int) $this->start->diff(self::midnight($date))->format('%r%a');
    }

    /** Midnight of a day, in UTC. */
    public function on(int $day): DateTimeImmutable
    {
        return $this->start->modify("{$day} days");
    }

    /** An hour of a day, by the clock of the place. */
    public function at(int $day, int $hour): DateTimeImmutable
    {
        return new DateTimeImmutable("{$this->on($day)->format('Y-m-d')} {$hour}:00", $this->zone);
    }

    /** When a look is put that was asked for on a day. */
    public function morningOf(DateTimeImmutable $date): DateTimeImmutable
    {
        return $this->at($this->ofDate($date), ScheduleLines::LOOKED_IN_THE_MORNING['value']);
    }

    /** The first day of the year that an instant lies in. */
    public function newYear(DateTimeImmutable $at): int
    {
        return $this->ofDate(new DateTimeImmutable($at->setTimezone($this->zone)->format('Y-01-01')));
    }

    private static function midnight(DateTimeImmutable $date): DateTimeImmutable
    {
        return new DateTimeImmutable($date->format('Y-m-d'), new DateTimeZone('UTC'));
    }
}
