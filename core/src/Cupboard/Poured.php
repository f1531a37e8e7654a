<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use DateTimeImmutable;

/** So much of an ingredient that went into a batch. */
final readonly class Poured
{
    public function __construct(
        /** Of the ingredient. */
        public string $slug,
        /** mL of the bottle that it came from, of a powder in the spoon. */
        public float $millilitres,
        /** Percent v/v on that bottle; null where bottles state none. */
        public ?float $strength,
        public DateTimeImmutable $at,
    ) {}
}
