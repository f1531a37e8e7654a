<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use DateTimeImmutable;

/** So much of an ingredient that a round ahead will take. */
final readonly class Wanted
{
    public function __construct(
        public DateTimeImmutable $on,
        /** Of the ingredient. */
        public string $slug,
        /** mL of its bottle, of a powder in the spoon. */
        public float $millilitres,
    ) {}
}
