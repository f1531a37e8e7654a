<?php

declare(strict_types=1);

namespace IdleMixer\Core\Gate;

use IdleMixer\Core\Plant\Site;

/**
 * Which sprays open flowers, thirst and insects that were set out keep off a plant until they are over: the gate asks it of today, cases and courses of the days
 * ahead. Common practice, no source.
 */
final class KeepsOff
{
    /** What is sprayed marks petals; what is poured or dabbed reaches none. */
    public static function flowers(Question $question): bool
    {
        return $question->isSprayed();
    }

    /** And outdoors it kills the bees that visit them: then it waits until the last flower is over. */
    public static function bees(Question $question): bool
    {
        return self::flowers($question) && $question->plant->site === Site::Outdoors;
    }

    /** And what wets leaves wets the insects that were set out on them. */
    public static function insects(Question $question): bool
    {
        return $question->wetsLeaves();
    }

    /** Leaves that want water burn under oil, soap, alcohol and soda; a swab wets none, and nothing stands in an empty bed. */
    public static function thirst(Question $question): bool
    {
        return $question->spray->isHarsh() && ! $question->spray->isSwab() && ! $question->plant->isEmptyBed();
    }
}
