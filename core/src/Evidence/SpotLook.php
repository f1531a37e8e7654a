<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;

/** One look at every leaf or plant of a trial. */
final readonly class SpotLook
{
    /** @param list<float|null> $counts by the number on the label, from the first; null where one is lost */
    public function __construct(public DateTimeImmutable $at, public array $counts) {}
}
