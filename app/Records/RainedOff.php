<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Weather\Spray;
use IdleMixer\Core\Weather\WashOff;

/** Whether rain took off what was sprayed out of doors, as far as the weather is told: for a case, and for a course. */
final readonly class RainedOff
{
    public function __construct(private GardenBook $garden, private WeatherBook $weather) {}

    /** @return DateTimeImmutable|null the hour in which it was off, of the place; null where it was not, or was sprayed long ago, or nobody said where the garden lies */
    public function off(DateTimeImmutable $sprayedAt, Spray $spray, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $place = $this->garden->place();
        if ($place === null || $sprayedAt < $now->modify('-' . ScheduleLines::WASHED_LATELY['value'] . ' days')) {
            return null;
        }
        $from = WeatherBook::hour($sprayedAt);
        $until = min($from + (int) ceil($spray->dry->value + 1.0) * WeatherBook::HOUR, WeatherBook::hour($now));
        $hours = $until < $from ? [] : $this->weather->between($place, $from, intdiv($until - $from, WeatherBook::HOUR) + 1, $now)->hours;
        $at = WashOff::at($hours, $sprayedAt->getTimestamp(), $spray);

        return $at === null ? null : (new DateTimeImmutable("@{$at}"))->setTimezone($place->zone);
    }
}
