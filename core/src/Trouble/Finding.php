<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** How far the signs go. */
enum Finding: string
{
    /** Nothing was ticked. */
    case NothingSeen = 'nothing-seen';
    /** It was looked for, and nothing was there. */
    case FoundNothing = 'found-nothing';
    /** The signs fit several, or none well. */
    case CannotTell = 'cannot-tell';
    case Likely = 'likely';
    /** Cold, drought, water, sun or feeding: no spray. */
    case ProbablyNoPest = 'probably-no-pest';
    /** Nothing that is listed brings these signs. */
    case NoneFits = 'none-fits';
}
