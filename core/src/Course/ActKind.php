<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** What is done on a day of a course; in the order in which it is done on one day. */
enum ActKind: string
{
    case Count = 'count';
    case Look = 'look';
    case HandWork = 'handwork';
    case Rinse = 'rinse';
    case Test = 'test';
    case Round = 'round';
    /** Something bought was sprayed, dusted or set out: it is only told, never asked for. */
    case Bought = 'bought';
    /** A date that the gardener is asked for. */
    case Date = 'date';
}
