<?php

declare(strict_types=1);

namespace App\Records;

use DateTimeImmutable;

/** One thing due, as a calendar keeps it. */
final readonly class CalendarEntry
{
    public function __construct(
        /** Of its own, and the same however its time moves. */
        public string $id,
        public DateTimeImmutable $at,
        /** Whether only its day is known. */
        public bool $allDay,
        public string $summary,
        public string $description,
        /** How often it was moved: a calendar takes the higher for the newer. */
        public int $sequence,
        /** Minutes before it that a device rings; null where it does not. */
        public ?int $rings,
    ) {}
}
