<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** The last round of a case, as far as what comes next depends on it. */
final readonly class RoundDone
{
    public function __construct(
        public DateTimeImmutable $at,
        /** Hours to the first fair look. */
        public float $fairLookHours,
        /** Days to the next round; null where it is done once. */
        public ?int $repeatDays,
        /** Whether a fair count was made after it. */
        public bool $counted,
    ) {}
}
