<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

/** How it is gone. */
enum BottleEnd: string
{
    case Sprayed = 'sprayed';
    case PouredOff = 'poured-off';
    /** Past its life; nobody said what became of it. */
    case TooOld = 'too-old';
    /** The same of what some was sprayed of. */
    case RestTooOld = 'rest-too-old';
}
