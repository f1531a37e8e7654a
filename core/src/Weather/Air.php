<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Moist air at the pressure of the sea. */
final readonly class Air
{
    /** Pa; 101325 by definition of the standard atmosphere. A thousand metres higher the wet bulb moves by some tenths. */
    private const PRESSURE = 101325.0;

    /** Ratio of the molar masses of water and dry air. */
    private const MASS_RATIO = 0.621945;

    /** K; where the search for the wet bulb ends. */
    private const EXACT = 0.005;

    private const MOST_STEPS = 60;

    private function __construct(
        /** °C. */
        public float $temperature,
        /** Percent, 1 to 100. */
        public float $humidity,
    ) {}

    /**
     * @param float $temperature °C, -40 to 60
     * @param float $humidity    percent; below 1 it is taken as 1, for air is never quite dry
     */
    public static function of(float $temperature, float $humidity): self
    {
        return new self($temperature, max(1.0, min(100.0, $humidity)));
    }

    /**
     * °C. Solved by halving from the psychrometric equation of the ASHRAE Handbook (Fundamentals, psychrometrics; from memory):
     * W = ((2501 - 2.326 t*) Ws* - 1.006 (t - t*)) / (2501 + 1.86 t - 4.186 t*); below 0 °C the bulb is iced:
     * W = ((2830 - 0.24 t*) Ws* - 1.006 (t - t*)) / (2830 + 1.86 t - 2.1 t*).
     */
    public function wetBulb(): float
    {
        $wanted = self::ratio($this->humidity / 100.0 * self::saturated($this->temperature));
        $high = $this->temperature;
        $low = min($this->dewPoint(), $high);
        for ($i = 0; $i < self::MOST_STEPS && $high - $low > self::EXACT; ++$i) {
            $bulb = ($low + $high) / 2.0;
            if ($this->over($bulb) > $wanted) {
                $high = $bulb;
            } else {
                $low = $bulb;
            }
        }

        return ($low + $high) / 2.0;
    }

    /** kg of water in a kg of dry air whose wet bulb that is. */
    private function over(float $bulb): float
    {
        [$heat, $slope, $back] = $bulb < 0.0 ? [2830.0, 0.24, 2.1] : [2501.0, 2.326, 4.186];
        $held = self::ratio($bulb < 0.0 ? self::iced($bulb) : self::saturated($bulb));

        return (($heat - $slope * $bulb) * $held - 1.006 * ($this->temperature - $bulb)) / ($heat + 1.86 * $this->temperature - $back * $bulb);
    }

    /** K; dry bulb less wet bulb. */
    public function deltaT(): float
    {
        return max(0.0, $this->temperature - $this->wetBulb());
    }

    /** °C; the inverse of the saturation pressure below. */
    public function dewPoint(): float
    {
        $log = log($this->humidity / 100.0) + 17.625 * $this->temperature / (243.04 + $this->temperature);

        return 243.04 * $log / (17.625 - $log);
    }

    /** Pa over water. Alduchov and Eskridge (1996), Journal of Applied Meteorology 35:601-609: within 0.4 % from -40 to 50 °C; from memory. */
    private static function saturated(float $temperature): float
    {
        return 610.94 * exp(17.625 * $temperature / (243.04 + $temperature));
    }

    /** Pa over ice; the same paper. */
    private static function iced(float $temperature): float
    {
        return 611.21 * exp(22.587 * $temperature / (273.86 + $temperature));
    }

    /** kg of water in a kg of dry air at that pressure of vapour in Pa. */
    private static function ratio(float $pressure): float
    {
        return self::MASS_RATIO * $pressure / (self::PRESSURE - $pressure);
    }
}
