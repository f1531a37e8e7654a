<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** What a spray lands on: a kind of leaf, bare wood, or soil. */
final readonly class ToleranceClass
{
    public function __construct(
        public string $slug,
        public string $name,
        public Surface $surface,
        /** The column of the limits that holds for it. */
        public string $limits,
        public string $looksLike,
        /** Alcohol wilts it for good. */
        public bool $wiltsByAlcohol,
        /** It has a powder that oil and soap strip. */
        public bool $hasBloom,
        /** Any oil harms it. */
        public bool $bearsNoOil,
        /** Roots are in it. */
        public bool $planted,
        /** As those of ferns and lettuces: it tears under a jet. */
        public bool $isThin = false,
    ) {}

    public function isBare(): bool
    {
        return $this->surface === Surface::Wood;
    }
}
