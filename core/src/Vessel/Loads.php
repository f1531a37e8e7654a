<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Quantity\Volume;

/** Splits a volume into sprayer loads: full loads first, the remainder last. */
final class Loads
{
    public const MAX = InputLines::MOST_LOADS['value'];

    /** Share of a load below which a remainder is rounding, not a load. */
    private const ROUNDING = 1e-9;

    /**
     * @return list<Volume>
     *
     * @throws TooManyLoads when more than 1,000 loads would be needed
     */
    public static function of(Volume $make, ?Volume $sprayer): array
    {
        if ($sprayer === null || ! $sprayer->isLessThan($make)) {
            return [$make];
        }
        $ratio = $make->millilitres() / $sprayer->millilitres();
        $count = (int) ceil($ratio * (1 - self::ROUNDING));
        if ($count > self::MAX) {
            throw TooManyLoads::becauseMoreThan(self::MAX, $count);
        }
        $loads = array_fill(0, $count - 1, $sprayer);
        $loads[] = Volume::ofMillilitres($make->millilitres() - ($count - 1) * $sprayer->millilitres());

        return $loads;
    }
}
