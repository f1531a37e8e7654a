<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Window;

/** When the next round is, and what moved it there. */
final readonly class RoundDue
{
    /**
     * @param list<MovedDate>   $moves in the order in which they moved it
     * @param list<Window> $hours good and workable hours from then on; empty where nobody told the weather, or it is due after what is told
     */
    public function __construct(
        /** Null where no more is sprayed. */
        public ?DateTimeImmutable $at,
        public array $moves,
        /** Of its day; null where nobody told the weather. */
        public ?BestHours $best = null,
        public array $hours = [],
    ) {}
}
