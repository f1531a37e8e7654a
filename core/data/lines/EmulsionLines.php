<?php

declare(strict_types=1);

namespace IdleMixer\Core\Data;

/** Numbers that decide what is said of water and of an emulsion beyond `emulsion.php`, each with its source. */
final class EmulsionLines
{
    /** Hardness of rain water to reckon with, as CaCO3. */
    public const RAIN = ['value' => 5.0, 'unit' => 'mg/L', 'source' => 'house'];

    /** Hardness of softened water to reckon with, as CaCO3. */
    public const SOFTENED = ['value' => 15.0, 'unit' => 'mg/L', 'source' => 'house'];

    /** Failures in the glass after which a mix is given up. */
    public const GIVE_UP_AT = ['value' => 3, 'unit' => '1', 'source' => 'house'];

    /** Of what is needed, what is added at least when the sums say that it should have held. */
    public const A_LITTLE = ['value' => 0.25, 'unit' => '1', 'source' => 'house'];

    /** From here on it holds long enough to spray by hand. */
    public const ENOUGH_FROM = ['value' => 30.0, 'unit' => 's', 'source' => 'practice'];

    /** From here on it holds if one hurries. */
    public const MARGINAL_FROM = ['value' => 15.0, 'unit' => 's', 'source' => 'practice'];

    /** Added emulsifier is looked for up to this much of the spray. */
    public const MOST_ADDED = ['value' => 2.0, 'unit' => '%', 'source' => 'handbook-soap'];

    /** Spoonfuls of one size that an added amount is counted in at most. */
    public const MOST_SPOONS = ['value' => 5, 'unit' => '1', 'source' => 'house'];

    /** Up to here water is soft, as CaCO3. */
    public const SOFT_TO = ['value' => 60.0, 'unit' => 'mg/L', 'source' => 'usgs-hardness'];

    /** Up to here water is moderately hard, as CaCO3. */
    public const MODERATELY_HARD_TO = ['value' => 120.0, 'unit' => 'mg/L', 'source' => 'usgs-hardness'];

    /** Up to here water is hard, as CaCO3. */
    public const HARD_TO = ['value' => 180.0, 'unit' => 'mg/L', 'source' => 'usgs-hardness'];

    /** What is reckoned with when water is only known to be very hard, as CaCO3. */
    public const VERY_HARD = ['value' => 300.0, 'unit' => 'mg/L', 'source' => 'house'];

    /** Smallest median drop that a glass is read to. */
    public const SMALLEST_DROP = ['value' => 0.1, 'unit' => 'um', 'source' => 'house'];

    /** Largest median drop that a glass is read to. */
    public const LARGEST_DROP = ['value' => 3000.0, 'unit' => 'um', 'source' => 'house'];

    /** Room temperature, when nobody said how warm the water is. */
    public const USUAL_CELSIUS = ['value' => 20.0, 'unit' => 'Cel', 'source' => 'house'];

    /** Density of oil where there is none to ask. */
    public const USUAL_DENSITY = ['value' => 0.92, 'unit' => 'g/mL', 'source' => 'oil-density'];

    /** When the glass is looked at. */
    public const MOMENTS = ['value' => [0, 15, 30, 60, 120, 300, 600, 1800, 3600, 14400, 28800], 'unit' => 's', 'source' => 'house'];

    /** What is said of shaking again when nothing was forecast; practice says 30 to 60 s. */
    public const USUAL_RESHAKE = ['value' => 30.0, 'unit' => 's', 'source' => 'practice'];
}
