<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

/** What hands can change at the bench; the case names the words. */
enum MendingKind: string
{
    /** The low end of the recipe's range. */
    case LowEnd = 'low-end';
    /** Half of everything but the water. */
    case HalfStrength = 'half-strength';
    /** Half of one thing. */
    case HalfOf = 'half-of';
    /** One thing down to a strength. */
    case Weaken = 'weaken';
    /** One thing up to so many spoons. */
    case More = 'more';
    case SoftWater = 'soft-water';
    case EmulsifierFirst = 'emulsifier-first';
    /** Another volume, which the spoons at hand measure true. */
    case Volume = 'volume';
    /** More days from one round to the next. */
    case Days = 'days';
}
