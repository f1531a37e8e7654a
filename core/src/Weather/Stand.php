<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Data\WeatherLines;

/** Where a plant stands, and whether it is in bloom. */
final readonly class Stand
{
    public function __construct(
        public Exposure $exposure = Exposure::FullSun,
        public bool $indoors = false,
        public ?GrowLights $lights = null,
        public bool $inBloom = false,
    ) {}

    /** Share of the light of the open sky that falls on it; a window lets as much in as half shade does. */
    public function light(): float
    {
        return $this->exposure->share() * ($this->indoors ? WeatherLines::HALF_SHADE['value'] : 1.0);
    }
}
