<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** What stands between the whole and its tenths. */
enum DecimalSign: string
{
    case Point = 'point';
    case Comma = 'comma';
}
