<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

/** What makes an oil hold. */
enum HoldingRemedyKind: string
{
    /** More of the emulsifier that is in it, or some where there is none. */
    case More = 'more';
    /** True soap in water that leaves it alone. */
    case SoftWater = 'soft-water';
    /** The same things, oil and emulsifier first. */
    case First = 'emulsifier-first';
    /** Nothing of that: keep it moving. */
    case KeepMoving = 'keep-moving';
}
