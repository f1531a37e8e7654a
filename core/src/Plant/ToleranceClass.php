<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

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
        /** Alcohol wilts it for good. */
        public bool $wiltsByAlcohol = false,
        /** It has a powder that oil and soap strip. */
        public bool $hasBloom = false,
    ) {}
}
