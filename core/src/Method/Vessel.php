<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** What it is put on from. */
enum Vessel: string
{
    case Sprayer = 'sprayer';
    case Bucket = 'bucket';
    case Jar = 'jar';
    case Can = 'can';

    /** Whether it stands open, so that it is stirred and never closed. */
    public function isOpen(): bool
    {
        return $this === self::Bucket || $this === self::Can;
    }
}
