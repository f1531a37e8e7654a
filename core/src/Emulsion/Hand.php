<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** How much coarser or finer than usual somebody mixes, by their own stand tests. */
final class Hand
{
    /** Fewer readings than this say nothing: our own line. */
    public const FEWEST = 2;

    /**
     * @param list<float> $ratios measured median by the predicted one, each above 0
     *
     * @return float the geometric mean; 1 while there are too few
     */
    public static function coarseness(array $ratios): float
    {
        return count($ratios) < self::FEWEST ? 1.0 : exp(array_sum(array_map(log(...), $ratios)) / count($ratios));
    }
}
