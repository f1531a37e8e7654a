<?php

declare(strict_types=1);

namespace IdleMixer\Core\Vessel;

/** What speaks against filling a sprayer as it is. */
enum MemoryFinding: string
{
    case WeedKiller = 'weed-killer';
    case Rest = 'rest';
    case Unwashed = 'unwashed';

    /** Whether it may not be filled with this at all. */
    public function isFinal(): bool
    {
        return $this === self::WeedKiller;
    }
}
