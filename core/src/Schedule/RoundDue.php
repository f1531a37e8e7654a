<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** When the next round is, and what moved it there. */
final readonly class RoundDue
{
    /** @param list<MovedDate> $moves in the order in which they moved it */
    public function __construct(
        /** Null where no more is sprayed. */
        public ?DateTimeImmutable $at,
        public array $moves,
        /** Of its day; null where nobody told the weather. */
        public ?BestHours $best = null,
    ) {}
}
