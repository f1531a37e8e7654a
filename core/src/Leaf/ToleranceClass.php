<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Source\Sourced;

/** What a kind of leaf, or bare wood, bears. */
final readonly class ToleranceClass
{
    public function __construct(
        public string $slug,
        public string $name,
        public Surface $surface,
        /** Percent v/v of oil in the finished spray; null where oil harms no leaf. */
        public ?Sourced $oilLimit,
        /** Percent v/v of soap as bought; null where the common limit holds. */
        public ?Sourced $soapLimit,
        /** Percent v/v of pure alcohol; null where the common limit holds. */
        public ?Sourced $alcoholLimit,
        public string $looksLike,
    ) {}
}
