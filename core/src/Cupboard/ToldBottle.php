<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use DateTimeImmutable;

/** A bottle as somebody last said how much is left in it. */
final readonly class ToldBottle
{
    public function __construct(
        /** Of it, `left` is what was left then. */
        public Bottle $bottle,
        public DateTimeImmutable $at,
    ) {}
}
