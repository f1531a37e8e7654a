<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use DateTimeZone;

/** Where the garden lies. */
final readonly class Place
{
    public function __construct(
        /** Degrees, north above 0; -90 to 90. */
        public float $latitude,
        /** Degrees, east above 0; -180 to 180. */
        public float $longitude,
        public DateTimeZone $zone,
    ) {}

    public function isSouthern(): bool
    {
        return $this->latitude < 0.0;
    }
}
