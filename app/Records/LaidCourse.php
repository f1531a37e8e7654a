<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Course\Act;
use IdleMixer\Core\Course\ActKind;
use IdleMixer\Core\Course\Course;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Weather\Window;

/** What core lays out of a case or of a course of many plants, with the days of the place. */
final readonly class LaidCourse
{
    /**
     * @param list<int>    $had   days of the rounds that were had, from the first day on
     * @param list<Window> $hours good and workable ones to come of its first spray; empty where nobody told the weather
     */
    public function __construct(
        /** Of what it is, for a calendar: "case-5", "course-2". */
        public string $key,
        public string $about,
        public Course $course,
        private PlaceDays $days,
        public array $had,
        /** °C; null where nobody said where the garden lies. */
        public ?float $celsius,
        /** Days from then to today. */
        public int $today,
        public array $hours = [],
        /** When all of them were looked over last; null where nobody did, and of a case. */
        public ?DateTimeImmutable $looked = null,
    ) {}

    /** Midnight of a day, in UTC. */
    public function on(int $day): DateTimeImmutable
    {
        return $this->days->on($day);
    }

    /** The best hour of its day; where nobody told the weather, what is sprayed in the evening, out of the sun, and the rest in the morning. */
    public function at(Act $act): DateTimeImmutable
    {
        $hour = $act->kind === ActKind::Round ? ScheduleLines::SPRAYED_IN_THE_EVENING['value'] : ScheduleLines::LOOKED_IN_THE_MORNING['value'];

        return $act->from ?? $this->days->at($act->day, $hour);
    }
}
