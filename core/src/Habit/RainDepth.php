<?php

declare(strict_types=1);

namespace IdleMixer\Core\Habit;

/** In what a household reads its rain gauge. */
enum RainDepth: string
{
    case Millimetres = 'mm';
    case Inches = 'in';
}
