<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Work\StandTest;

/** A glass of the batch that stood, and what it showed. */
final readonly class Glass
{
    public function __construct(
        public DateTimeImmutable $at,
        public StandTest $result,
        /** Seconds until it was seen; null when nobody looked at the clock. */
        public ?float $seconds,
        /** mm of mix in the glass; null for the usual glass. */
        public ?float $height,
    ) {}
}
