<?php

declare(strict_types=1);

namespace App\Records;

/** Why the bench opens on what it opens on. */
enum OpeningReason: string
{
    /** Somebody asked for the same again. */
    case Again = 'again';
    /** Somebody asked for a case. */
    case ForCase = 'case';
    /** A round is due. */
    case Due = 'due';
    /** It was mixed last. */
    case Last = 'last';
    /** Nothing was mixed yet. */
    case First = 'first';
}
