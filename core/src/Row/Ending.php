<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

use DateTimeImmutable;

/** When something is over that matters to a plant. */
final readonly class Ending
{
    public function __construct(public DateTimeImmutable $at, public EndKind $kind) {}
}
