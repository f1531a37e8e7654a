<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** One hour of weather as a source tells it; null where it does not say. */
final readonly class ToldHour
{
    public function __construct(
        /** Seconds since 1970. */
        public int $at,
        /** °C, in the shade. */
        public float $temperature,
        /** Percent. */
        public float $humidity,
        /** km/h. */
        public ?float $wind,
        /** mm in the hour. */
        public ?float $rain,
        /** Percent of the sky. */
        public ?float $cloud,
    ) {}
}
