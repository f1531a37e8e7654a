<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** The days that the gardener has, counted from one. */
final readonly class FreeFrom
{
    public function __construct(
        public FreeDays $days,
        /** The day that is 0. */
        public DateTimeImmutable $start,
    ) {}

    /**
     * The nearest that is had; see `FreeDays::nearest`.
     *
     * @param int  $wanted   the day that would be best
     * @param int  $earliest not before that
     * @param bool $isChosen whether it was chosen, so that weekdays count no more
     */
    public function nearest(int $wanted, int $earliest, bool $isChosen = false): int
    {
        $found = $this->days->nearest($this->on($wanted), $this->on(min($wanted, $earliest)), $isChosen);

        return (int) (new DateTimeImmutable($this->start->format('Y-m-d')))->diff(new DateTimeImmutable($found))->format('%r%a');
    }

    /**
     * @param bool $isChosen whether weekdays count no more
     *
     * @return list<int> days from one to another that are not had, both of them among those
     */
    public function closed(int $from, int $until, bool $isChosen = false): array
    {
        return array_values(array_filter($until < $from ? [] : range($from, $until), fn(int $day): bool => ! $this->days->has($this->on($day), $isChosen)));
    }

    private function on(int $day): string
    {
        return $this->start->modify("{$day} days")->format('Y-m-d');
    }
}
