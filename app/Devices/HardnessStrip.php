<?php

declare(strict_types=1);

namespace App\Devices;

/** A paper strip that is dipped into the water and compared with a scale. */
interface HardnessStrip
{
    /** mg/L as CaCO3, as coarse as the scale of the strip. */
    public function read(): float;
}
