<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** What is done on a day of a programme; in the order in which it is done on one day. */
enum EntryKind: string
{
    case Look = 'look';
    case Rinse = 'rinse';
    case Spray = 'spray';
}
