<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** Whether to spray at all. */
enum Answer: string
{
    case Spray = 'spray';
    case NotYet = 'not-yet';
    /** It is dry at the root: water today, spray another day. */
    case WaterFirst = 'water-first';
    /** No spray does it, or none may be used now. */
    case NoSpray = 'no-spray';
}
