<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use DateTimeImmutable;

/** One look at the test leaves: the worst leaf counts. */
final readonly class LeafLook
{
    public function __construct(public DateTimeImmutable $at, public Reaction $worst) {}
}
