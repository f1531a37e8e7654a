<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeUse;

/** How much is made where no sprayer says it: our own choice. */
final class UsualFill
{
    /** @return Amount|null of volume; null where a sprayer is filled. Swabs are dipped into a jar. */
    public static function inAJar(RecipeUse $use): ?Amount
    {
        return $use === RecipeUse::Spot ? Amount::of(VesselLines::SWABS['value'], Unit::from(VesselLines::SWABS['unit'])) : null;
    }

    /** @return Amount of volume: a cup for a leaf test, of the cups that are at hand */
    public static function cup(bool $us): Amount
    {
        $cup = $us ? LeafLines::CUP_US : LeafLines::CUP_METRIC;

        return Amount::of($cup['value'], Unit::from($cup['unit']));
    }

    /** @return Amount of volume, where nobody owns a sprayer yet */
    public static function first(): Amount
    {
        return Amount::of(VesselLines::FIRST_FILL['value'], Unit::from(VesselLines::FIRST_FILL['unit']));
    }
}
