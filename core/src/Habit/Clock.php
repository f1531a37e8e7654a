<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** How a household writes an hour. */
enum Clock: string
{
    case TwentyFour = '24';
    case Twelve = '12';
}
