<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** How it is kept moving. */
enum Agitation: string
{
    case Shaken = 'shaken';
    case Stirred = 'stirred';
    case Swirled = 'swirled';
    case Whisked = 'whisked';
    case Blended = 'blended';
}
