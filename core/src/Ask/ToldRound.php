<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Evidence\Sprayed;
use IdleMixer\Core\Mix\SprayFamily;

/** One round of a document. */
final readonly class ToldRound
{
    public function __construct(
        public string $recipe,
        /** Multiplies every line but the water. */
        public float $factor,
        public bool $handWork,
        public Sprayed $sprayed,
        /** Null where nobody knows what is in it. */
        public ?SprayFamily $family,
    ) {}
}
