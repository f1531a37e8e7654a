<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Course\Course;

/** The course of a case, from the day of its first round on. */
final readonly class CasePlan
{
    /** @param list<int> $had days of the rounds that were had */
    public function __construct(
        public int $case,
        public string $about,
        public Course $course,
        /** Midnight of the day of the first round, in UTC. */
        private DateTimeImmutable $start,
        public array $had,
        /** °C; null where nobody said where the garden lies. */
        public ?float $celsius,
        /** Days from the first round to today. */
        public int $today,
    ) {}

    public function on(int $day): DateTimeImmutable
    {
        return $this->start->modify("+{$day} days");
    }
}
