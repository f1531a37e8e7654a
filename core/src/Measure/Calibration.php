<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\MeasureLines;
use IdleMixer\Core\Quantity\InvalidQuantity;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Words\Say;

/** What one spoon or drop really holds, from many of them filled into something, or weighed. */
final class Calibration
{
    /** Water near 20 °C in g/mL: 998.2 kg/m3, IAPWS and CRC Handbook, from memory. */
    public const WATER_DENSITY = MeasureLines::WATER_DENSITY['value'];

    /**
     * “30 drops filled 2 mL”.
     *
     * @param int    $count  1 or more
     * @param Volume $filled above 0 mL
     *
     * @throws InvalidQuantity when nothing was filled
     */
    public static function byFilling(int $count, Volume $filled): Volume
    {
        return self::each($count, $filled->millilitres());
    }

    /**
     * “10 level spoons weighed 47 g”.
     *
     * @param int   $count   1 or more
     * @param float $grams   above 0
     * @param float $density g/mL of what was weighed
     *
     * @throws InvalidQuantity when nothing was weighed
     */
    public static function byWeighing(int $count, float $grams, float $density = self::WATER_DENSITY): Volume
    {
        return self::each($count, $grams / $density);
    }

    private static function each(int $count, float $millilitres): Volume
    {
        if ($count < 1) {
            throw InvalidQuantity::becauseNotPositive((float) $count, Say::it('measure/calibration.count-of-spoons'));
        }
        if ($millilitres <= 0.0) {
            throw InvalidQuantity::becauseNotPositive($millilitres, Say::it('measure/calibration.what-was-filled-or-weighed'));
        }

        return Volume::ofMillilitres($millilitres / $count);
    }
}
