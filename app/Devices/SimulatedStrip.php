<?php

declare(strict_types=1);

namespace App\Devices;

/** Stands in for a real strip: reads a made-up tap to the nearest field of the scale. */
final readonly class SimulatedStrip implements HardnessStrip
{
    /** Fields of the scale, mg/L as CaCO3. */
    private const FIELDS = [0.0, 25.0, 50.0, 120.0, 250.0, 425.0];

    public function __construct(private float $truth = 231.0) {}

    public function read(): float
    {
        $nearest = self::FIELDS[0];
        foreach (self::FIELDS as $field) {
            $nearest = abs($field - $this->truth) < abs($nearest - $this->truth) ? $field : $nearest;
        }

        return $nearest;
    }
}
