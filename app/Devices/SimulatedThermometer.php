<?php

declare(strict_types=1);

namespace App\Devices;

/** Stands in for a real thermometer: reads a made-up water to half a degree. */
final readonly class SimulatedThermometer implements Thermometer
{
    private const STEP = 0.5;

    public function __construct(private float $truth = 14.2) {}

    public function read(): float
    {
        return self::STEP * round($this->truth / self::STEP);
    }
}
