<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Ingredient\SubstanceGroup;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\Pressure;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Schedule\Biology;

/**
 * Days between rounds of a method: what the gardener wants, else what its school has at that pressure, slower where it is cold and what is
 * fought develops slowly, and no slower than what has hatched grows up. Common practice, no source; how it slows down is our own reading.
 */
final class Pacing
{
    /** @return int|null days, 1 or more; null where it is done once */
    public static function of(Method $method, Pressure $pressure, ?Biology $biology, ?float $celsius, ?int $everyDays, ?Mixture $mixture = null): ?int
    {
        $usual = $method->every($pressure)->days;
        if ($everyDays !== null || $usual === null || $pressure === Pressure::Prevention) {
            return $everyDays ?? $usual;
        }
        if ($biology?->every !== null && $mixture !== null && Strengths::of($mixture)->in(SubstanceGroup::Oil) > 0.0) {
            return $biology->every;
        }

        return $biology === null || $celsius === null || $method->lastsDays > 0 ? $usual : self::slowed($usual, $biology, $celsius);
    }

    /**
     * So many days between rounds where it is that cool: more where what is fought develops slowly, fewer where it grows up sooner.
     *
     * @param int $usual days, 1 or more
     */
    public static function slowed(int $usual, Biology $biology, float $celsius): int
    {
        // A day more is said where at least a tenth of it is meant.
        $slowed = (int) ceil($usual * $biology->slowedAt($celsius) - ScheduleLines::TENTH['value']);
        $grown = $biology->at($celsius)->nymph();

        return max(1, is_finite($grown) ? min(max($usual, $slowed), (int) floor($grown)) : max($usual, $slowed));
    }
}
