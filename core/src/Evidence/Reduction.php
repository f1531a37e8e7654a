<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

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
        self::above($before, 'the count before');
        self::notNegative($after, 'the count after');

        return 100.0 * (1.0 - $after / $before);
    }

    /**
     * Abbott (1925), J. Econ. Entomol. 18:265-267: 100 (C - T) / C, living in the untreated and the treated.
     *
     * @throws InvalidCount when a count is negative, or `$untreated` is 0
     */
    public static function abbott(float $untreated, float $treated): float
    {
        self::above($untreated, 'the untreated count');
        self::notNegative($treated, 'the treated count');

        return 100.0 * ($untreated - $treated) / $untreated;
    }

    /**
     * Henderson and Tilton (1955), J. Econ. Entomol. 48:157-161: 100 (1 - (Ta Cb) / (Tb Ca)).
     *
     * @throws InvalidCount when a count is negative, or `$treatedBefore` or `$untreatedAfter` is 0
     */
    public static function hendersonTilton(float $treatedBefore, float $treatedAfter, float $untreatedBefore, float $untreatedAfter): float
    {
        self::above($treatedBefore, 'the treated count before');
        self::above($untreatedAfter, 'the untreated count after');
        self::notNegative($treatedAfter, 'the treated count after');
        self::notNegative($untreatedBefore, 'the untreated count before');

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
