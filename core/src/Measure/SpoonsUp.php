<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Data\EmulsionLines;

/** At least so much, in whole fills of one measure: what a hand can add. */
final class SpoonsUp
{
    private const ROUNDING = 1e-9;

    /**
     * The measure that goes over by least in few fills; a dropper only where no spoon will do.
     *
     * @param list<Measure> $measures
     * @param float         $least    mL, above 0
     * @param float         $most     mL that it must stay within
     */
    public static function of(array $measures, float $least, float $most): ?Scoop
    {
        $spoons = array_values(array_filter($measures, static fn(Measure $measure): bool => ! $measure->isDropper));

        return self::among($spoons, $least, $most) ?? self::among($measures, $least, $most);
    }

    /** @param list<Measure> $measures */
    private static function among(array $measures, float $least, float $most): ?Scoop
    {
        $best = null;
        foreach ($measures as $measure) {
            $count = max(1, (int) ceil($least / $measure->millilitres - self::ROUNDING));
            if ($count > EmulsionLines::MOST_SPOONS['value'] || $count * $measure->millilitres > $most * (1.0 + self::ROUNDING)) {
                continue;
            }
            $scoop = new Scoop($measure, $count);
            $best = $best === null || $scoop->millilitres() < $best->millilitres() * (1.0 - self::ROUNDING) ? $scoop : $best;
        }

        return $best;
    }
}
