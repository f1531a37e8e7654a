<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use DateTimeImmutable;

/** Something that the rounds ahead take more of than is there, or of which nobody said how much is. */
final readonly class ToBuy
{
    public function __construct(
        /** Of the ingredient. */
        public string $slug,
        /** mL that the rounds ahead take in all, of a powder in the spoon. */
        public float $takes,
        /** mL that are wanting; null where nobody said how much is there. */
        public ?float $short,
        /** The round for which it is not enough any more; null where nobody said how much is there. */
        public ?DateTimeImmutable $from,
    ) {}
}
