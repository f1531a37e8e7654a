<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
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
        /** Kinds that soap marks. */
        public bool $soapSensitive = false,
        /** Sulfur within the last weeks, or copper, or an oil within one. */
        public bool $sulfurLately = false,
        public bool $copperLately = false,
        public bool $oilLately = false,
    ) {}

    public function isBare(): bool
    {
        return $this->tolerance->surface === Surface::Wood;
    }

    public function isSoilOnly(): bool
    {
        return $this->tolerance->surface === Surface::Soil;
    }

    /** Soil with nothing growing in it. */
    public function isEmptyBed(): bool
    {
        return $this->isSoilOnly() && ! $this->tolerance->planted;
    }

    public function hasNoOil(): bool
    {
        return $this->bearsNoOil || $this->tolerance->bearsNoOil;
    }

    /** What it is taken for as it stands: a kind that bears no oil, whatever its leaf; a wounded leaf, whatever it was. */
    public function asItStands(ToleranceCatalogue $kinds): ToleranceClass
    {
        return match (true) {
            $this->tolerance->surface !== Surface::Leaf => $this->tolerance,
            $this->hasNoOil() => $kinds->noOil(),
            $this->wounded && ! $this->tolerance->hasBloom && ! $this->tolerance->wiltsByAlcohol => $kinds->wounded(),
            default => $this->tolerance,
        };
    }
}
