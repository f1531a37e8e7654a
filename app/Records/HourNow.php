<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;
use IdleMixer\Core\Wording\WeatherWords;

/** The weather of an hour, in words that stay in a record. */
final readonly class HourNow
{
    public function __construct(private GardenBook $garden, private WeatherBook $weather) {}

    /** Empty where nobody said where the garden lies. */
    public function words(DateTimeImmutable $at): string
    {
        $place = $this->garden->place();
        if ($place === null) {
            return '';
        }
        $forecast = $this->weather->between($place, WeatherBook::hour($at), 1, $at);
        $hour = $forecast->hours[0] ?? null;

        return $hour === null ? '' : WeatherWords::of($hour) . " ({$forecast->tellers[0]->name})";
    }
}
