<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;

/** How fast a droplet of oil rises: Stokes (1851), (rho_w - rho_o) g d² / (18 mu). */
final readonly class Stokes
{
    /** m/s² */
    private const GRAVITY = 9.80665;

    /** kg/m³ that oil loses by a degree of warming; common to oils, from memory. */
    private const OIL_EXPANDS = EmulsionLines::OIL_EXPANDS['value'];

    /** mm/s for a droplet of 1 µm; it goes with the square of the diameter. */
    private float $ofOneMicron;

    /**
     * @param float $gap       density of water less that of the oil, kg/m³, above 0
     * @param float $viscosity of the water, mPa s, above 0
     */
    public function __construct(float $gap, float $viscosity)
    {
        // (kg/m³)(m/s²)(1e-12 m²) / (18 × 1e-3 Pa s) in m/s, times 1000 for mm/s.
        $this->ofOneMicron = $gap * self::GRAVITY * 1e-12 / (18.0 * $viscosity * 1e-3) * 1000.0;
    }

    /** @param float $oilDensity g/mL near 20 °C */
    public static function in(WaterAt $water, float $oilDensity): self
    {
        $oil = 1000.0 * $oilDensity - self::OIL_EXPANDS * ($water->celsius - 20.0);

        return new self($water->density() - $oil, $water->viscosity());
    }

    /** @return float mm/s for a diameter in µm */
    public function speed(float $diameter): float
    {
        return $this->ofOneMicron * $diameter ** 2;
    }
}
