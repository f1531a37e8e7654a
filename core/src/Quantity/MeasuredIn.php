<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

/** Whether a bed was measured in metres and centimetres or in feet and inches. */
enum MeasuredIn: string
{
    case Metres = 'm';
    case Feet = 'ft';

    /** The inch is 25.4 mm and the foot twelve of it: international yard and pound agreement of 1959, exact (from memory). */
    private const METRES_A_FOOT = 0.3048;

    private const CENTIMETRES_AN_INCH = 2.54;

    /** @return float m, from metres or feet */
    public function metres(float $long): float
    {
        return $this === self::Feet ? $long * self::METRES_A_FOOT : $long;
    }

    /** @return float cm, from centimetres or inches */
    public function centimetres(float $short): float
    {
        return $this === self::Feet ? $short * self::CENTIMETRES_AN_INCH : $short;
    }

    public function long(): string
    {
        return $this->value;
    }

    public function short(): string
    {
        return $this === self::Feet ? 'in' : 'cm';
    }
}
