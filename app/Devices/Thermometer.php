<?php

declare(strict_types=1);

namespace App\Devices;

/** A thermometer in the water. */
interface Thermometer
{
    /** °C. */
    public function read(): float;
}
