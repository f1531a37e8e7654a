<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use DateTimeImmutable;

/** One count of a pest. */
final readonly class Counted
{
    /** @param bool $untreated whether it was made on a plant of the same kind that is left unsprayed */
    public function __construct(public DateTimeImmutable $at, public float $value, public bool $untreated) {}
}
