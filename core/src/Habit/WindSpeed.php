<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** In what a household hears of wind. */
enum WindSpeed: string
{
    case KilometresAnHour = 'km/h';
    case MilesAnHour = 'mph';
}
