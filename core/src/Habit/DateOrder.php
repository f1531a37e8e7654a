<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** Which of day and month a household says first. */
enum DateOrder: string
{
    case DayFirst = 'day-first';
    case MonthFirst = 'month-first';
}
