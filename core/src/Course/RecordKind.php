<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** What was recorded on a day of a course. */
enum RecordKind: string
{
    case Round = 'round';
    case Count = 'count';
    case Look = 'look';
    case Test = 'test';
    case Burn = 'burn';
    case Rain = 'rain';
}
