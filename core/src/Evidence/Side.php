<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** Of a trial: the one that gets the first spray, and the other. */
enum Side: string
{
    case One = 'one';
    case Other = 'other';
    /** The other, where it is sprayed with nothing. */
    case Alone = 'alone';

    /** What it is called on labels and maps. */
    public function letter(): string
    {
        return $this === self::One ? 'A' : 'B';
    }
}
