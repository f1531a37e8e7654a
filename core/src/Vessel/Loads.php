<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Quantity\Volume;

/**
 * Splits a volume into sprayer loads: full loads first, the remainder last. No mark is read closer than 1 %, so that much
 * over is no load of its own; and a remainder that is hardly worth mixing is shared out.
 */
final class Loads
{
    public const MAX = InputLines::MOST_LOADS['value'];

    /** Share that a fill may be over what the sprayer takes. */
    private const READ_TO = VesselLines::MARK_READ_TO['value'];

    /** Share of the sprayer below which a remainder is shared out. */
    private const REMAINDER = VesselLines::LEAST_REMAINDER['value'];

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
        $count = (int) ceil($ratio * (1 - self::ROUNDING) - self::READ_TO);
        if ($count > self::MAX) {
            throw TooManyLoads::becauseMoreThan(self::MAX, $count);
        }
        if ($ratio - ($count - 1) < self::REMAINDER * (1 - self::ROUNDING) || $ratio > $count) {
            return array_fill(0, $count, Volume::ofMillilitres($make->millilitres() / $count));
        }
        $loads = array_fill(0, $count - 1, $sprayer);
        $loads[] = Volume::ofMillilitres($make->millilitres() - ($count - 1) * $sprayer->millilitres());

        return $loads;
    }
}
