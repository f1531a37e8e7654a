<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Words\Say;

/** Density and viscosity of water at a temperature, 0 to 60 °C. */
final readonly class WaterAt
{
    public const COLDEST = 0.0;

    public const HOTTEST = 60.0;

    /** Where densities are told. */
    public const ROOM = 20.0;

    private function __construct(public float $celsius) {}

    /** @throws InvalidQuantity when the temperature is not finite or outside 0 to 60 °C */
    public static function celsius(float $celsius): self
    {
        if (! ($celsius >= self::COLDEST && $celsius <= self::HOTTEST)) {
            throw InvalidQuantity::becauseOutside($celsius, Say::it('emulsion/water-at.temperature-of-water'), self::COLDEST, self::HOTTEST, '°C');
        }

        return new self($celsius);
    }

    /** kg/m³. Kell (1975), J. Chem. Eng. Data 20:97-105, from memory. */
    public function density(): float
    {
        $t = $this->celsius;

        return (999.83952 + 16.945176 * $t - 7.9870401e-3 * $t ** 2 - 46.170461e-6 * $t ** 3 + 105.56302e-9 * $t ** 4 - 280.54253e-12 * $t ** 5)
            / (1.0 + 16.879850e-3 * $t);
    }

    /** mPa s. 2.414e-5 Pa s × 10^(247.8 / (T - 140)), T in kelvin; within about 2.5 %, from memory. */
    public function viscosity(): float
    {
        return 2.414e-2 * 10.0 ** (247.8 / ($this->celsius + 273.15 - 140.0));
    }
}
