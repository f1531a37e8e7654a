<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;

/** One round as the counts are read against it. */
final readonly class Sprayed
{
    /** @param float $fairLookHours hours after which it may be judged */
    public function __construct(public DateTimeImmutable $at, public float $fairLookHours) {}
}
