<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

use IdleMixer\Core\Words\Say;

/** By how many percent a spray brought a count down. Below 0 means that the count grew. */
final class Reduction
{
    /**
     * Plain change, with no comparison: 100 (1 - after / before).
     *
     * @throws InvalidCount when a count is negative, or `$before` is 0
     */
    public static function plain(float $before, float $after): float
    {
        self::above($before, Say::it('evidence/reduction.count-before'));
        self::notNegative($after, Say::it('evidence/reduction.count-after'));

        return 100.0 * (1.0 - $after / $before);
    }

    /**
     * Abbott (1925), J. Econ. Entomol. 18:265-267: 100 (C - T) / C, living in the untreated and the treated.
     *
     * @throws InvalidCount when a count is negative, or `$untreated` is 0
     */
    public static function abbott(float $untreated, float $treated): float
    {
        self::above($untreated, Say::it('evidence/reduction.untreated-count'));
        self::notNegative($treated, Say::it('evidence/reduction.treated-count'));

        return 100.0 * ($untreated - $treated) / $untreated;
    }

    /**
     * Henderson and Tilton (1955), J. Econ. Entomol. 48:157-161: 100 (1 - (Ta Cb) / (Tb Ca)).
     *
     * @throws InvalidCount when a count is negative, or `$treatedBefore` or `$untreatedAfter` is 0
     */
    public static function hendersonTilton(float $treatedBefore, float $treatedAfter, float $untreatedBefore, float $untreatedAfter): float
    {
        self::above($treatedBefore, Say::it('evidence/reduction.treated-count-before'));
        self::above($untreatedAfter, Say::it('evidence/reduction.untreated-count-after'));
        self::notNegative($treatedAfter, Say::it('evidence/reduction.treated-count-after'));
        self::notNegative($untreatedBefore, Say::it('evidence/reduction.untreated-count-before'));

        return 100.0 * (1.0 - ($treatedAfter * $untreatedBefore) / ($treatedBefore * $untreatedAfter));
    }

    private static function above(float $count, string $what): void
    {
        self::notNegative($count, $what);
        if ($count === 0.0) {
            throw InvalidCount::becauseZero($what);
        }
    }

    private static function notNegative(float $count, string $what): void
    {
        if (! ($count >= 0.0) || ! is_finite($count)) {
            throw InvalidCount::becauseNegative($count, $what);
        }
    }
}
