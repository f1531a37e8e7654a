<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** How bad it is, as far as it sets the days between rounds. */
enum Pressure: string
{
    /** Nothing is there yet. */
    case Prevention = 'prevention';
    case Light = 'light';
    case Moderate = 'moderate';
    case Heavy = 'heavy';
}
