<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** In what a household reads its thermometer. */
enum Warmth: string
{
    case Celsius = 'C';
    case Fahrenheit = 'F';
}
