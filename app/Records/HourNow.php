<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Weather\KeptWeather;

/** The weather of an hour, as it stays in a record. */
final readonly class HourNow
{
    public function __construct(private GardenBook $garden, private WeatherBook $weather) {}

    /** @return string JSON of what is kept; empty where nobody said where the garden lies */
    public function kept(DateTimeImmutable $at): string
    {
        $place = $this->garden->place();
        if ($place === null) {
            return '';
        }
        $forecast = $this->weather->between($place, WeatherBook::hour($at), 1, $at);
        $hour = $forecast->hours[0] ?? null;

        return $hour === null ? '' : KeptWeather::of($hour, $forecast->tellers[0])->json();
    }
}
