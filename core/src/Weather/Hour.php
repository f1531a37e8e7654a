<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** One hour with what follows from it at its place. */
final readonly class Hour
{
    public function __construct(
        public ToldHour $told,
        /** Degrees above the horizon. */
        public float $sun,
        /** K. */
        public float $deltaT,
        /** °C. */
        public float $dewPoint,
        /** Light of the open sky; 1 is the sun straight overhead in a clear one. */
        public float $light,
        /** Minutes after midnight by the clock of the place. */
        public int $minute,
        /** Seconds since 1970 of when it becomes too dark to see what is sprayed; null where it does not within the hour. */
        public ?int $darkAt,
    ) {}
}
