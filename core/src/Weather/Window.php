<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Hours in a row that are equally good. */
final readonly class Window
{
    public function __construct(
        /** Seconds since 1970. */
        public int $from,
        public int $to,
        public HourVerdict $verdict,
        /** What makes it no better than workable; empty where it is good. */
        public ?HourReason $reason,
        /** Seconds since 1970 of when it becomes too dark to see what is sprayed, before it ends; null where it does not. */
        public ?int $darkAt = null,
    ) {}
}
