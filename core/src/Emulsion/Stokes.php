<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** How fast a droplet of oil rises: Stokes (1851), (rho_w - rho_o) g d² / (18 mu). */
final readonly class Stokes
{
    /** m/s² */
    private const GRAVITY = 9.80665;

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

    /**
     * The gap in density is that near 20 °C at any temperature: what warming changes of it is less than oils of one kind differ.
     *
     * @param float $oilDensity g/mL near 20 °C
     */
    public static function in(WaterAt $water, float $oilDensity): self
    {
        return new self(WaterAt::celsius(WaterAt::ROOM)->density() - 1000.0 * $oilDensity, $water->viscosity());
    }

    /** @return float mm/s for a diameter in µm */
    public function speed(float $diameter): float
    {
        return $this->ofOneMicron * $diameter ** 2;
    }
}
