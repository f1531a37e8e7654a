<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** The days that the gardener chose for the rounds to come. None: they come as the school has it. */
final readonly class WantedDays
{
    /** @param list<string> $days like 2026-05-03, earliest first */
    private function __construct(public array $days) {}

    /** @param list<string> $days like 2026-05-03 */
    public static function of(array $days): self
    {
        $days = array_values(array_unique($days));
        sort($days);

        return new self($days);
    }

    /** The first of them after the day of a time, at its hour and by its clock; null where none is left. */
    public function after(DateTimeImmutable $time): ?DateTimeImmutable
    {
        foreach ($this->days as $day) {
            if ($day > $time->format('Y-m-d')) {
                return self::at($day, $time);
            }
        }

        return null;
    }

    /** The first of them on the day of a time or after it, at its hour and by its clock; null where none is left. */
    public function from(DateTimeImmutable $time): ?DateTimeImmutable
    {
        return $this->after($time->modify('-1 day'));
    }

    private static function at(string $day, DateTimeImmutable $time): DateTimeImmutable
    {
        [$year, $month, $date] = array_map(intval(...), explode('-', $day));

        return $time->setDate($year, $month, $date);
    }
}
