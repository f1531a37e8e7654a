<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceClass;

/** The plant as it stands today, as far as it decides what it bears. */
final readonly class PlantState
{
    public function __construct(
        public string $name,
        public ToleranceClass $tolerance,
        /** Maples, walnuts, hickories, blue conifers and many evergreens, ferns. */
        public bool $bearsNoOil = false,
        public bool $inBloom = false,
        public bool $dryAtRoot = false,
        public bool $seedling = false,
        public bool $wounded = false,
        public bool $eatenSoon = false,
    ) {}

    public function isBare(): bool
    {
        return $this->tolerance->surface === Surface::Wood;
    }

    public function isSoilOnly(): bool
    {
        return $this->tolerance->surface === Surface::Soil;
    }
}
