<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use DateTimeImmutable;
use IdleMixer\Core\Leaf\Proof;
use IdleMixer\Core\Plant\PlantNow;

/** The plant that is meant: as it is today, what it had, and what is proven on its kind. */
final readonly class Whom
{
    public function __construct(
        public PlantNow $plant,
        public PlantHad $had,
        /** Null where nobody asks what was tested. */
        public ?Proof $proof = null,
        public ?DateTimeImmutable $now = null,
    ) {}
}
