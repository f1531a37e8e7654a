<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** How wet it is made. */
enum Wetness: string
{
    /** The finest, without splotches. */
    case Mist = 'mist';
    case Drip = 'drip';
    case RunOff = 'run-off';
    /** Single insects only. */
    case Touch = 'touch';
    case Poured = 'poured';
}
