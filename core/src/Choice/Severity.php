<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

/** How bad it is. */
enum Severity: string
{
    case Light = 'light';
    case Moderate = 'moderate';
    case Heavy = 'heavy';
}
