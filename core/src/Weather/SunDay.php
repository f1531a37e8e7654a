<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** One day of the sun, in seconds since 1970. */
final readonly class SunDay
{
    public function __construct(
        public int $noon,
        /** Null where it does not cross the horizon that day. */
        public ?int $rise,
        public ?int $set,
        /** Whether it is up at noon. */
        public bool $isUp,
    ) {}
}
