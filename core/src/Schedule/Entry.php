<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** One thing to do on a day of a programme, and why on that day; the sentence is put together elsewhere. */
final readonly class Entry
{
    /** @param array<string, int|float|string> $args */
    public function __construct(
        /** Days after the first round. */
        public int $day,
        public EntryKind $kind,
        /** Slug of the spray it belongs to. */
        public ?string $recipe,
        public string $because,
        public array $args = [],
    ) {}
}
