<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use IdleMixer\Core\Work\StandTest;

/** How the mixing ended. */
final readonly class Finish
{
    public function __construct(
        public DateTimeImmutable $madeAt,
        public DateTimeImmutable $discardAt,
        public StandTest $standTest,
        public Keeping $keeping,
        public string $notes,
        /** What really is in it; null where nobody wrote it down. */
        public ?AsMadeRecord $made,
    ) {}
}
