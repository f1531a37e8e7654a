<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** The day in the garden, drawn over what the sky does. */
final readonly class GardenDayAnswer
{
    /**
     * @param list<SkyHourAnswer> $hours of the day, as far as they are told
     * @param list<WindowAnswer>  $windows good or workable ones of the day for what is due; empty where nothing is
     */
    public function __construct(
        /** Midnight, by the clock of the place, before it and after it. */
        #[Shape(format: 'date-time')]
        public string $from,
        #[Shape(format: 'date-time')]
        public string $until,
        public string $zone,
        public SunAnswer $sun,
        public array $hours,
        public array $windows,
        /** What is due and which its limits are; empty and null where nothing is sprayed today. */
        public string $spray,
        /** °C. */
        public ?float $cold,
        public ?float $hot,
        /** km/h that a mist bears well. */
        public float $windLimit,
        /** When to spray. */
        public string $said,
        /** What the sky does. */
        public string $sky,
    ) {}
}
