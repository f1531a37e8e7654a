<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** One thing to do, by when. */
final readonly class Task
{
    /** @param int $ref id of the batch, leaf test or case it is about */
    public function __construct(
        public TaskKind $kind,
        public int $ref,
        public string $about,
        public DateTimeImmutable $dueAt,
        /** What is counted, where it is a count. */
        public ?string $counted = null,
        /** The batch that was sprayed last, where it is a round after the first. */
        public ?int $again = null,
    ) {}
}
