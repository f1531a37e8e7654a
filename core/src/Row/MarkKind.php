<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

/** What was done or seen on a plant. */
enum MarkKind: string
{
    case Count = 'count';
    /** Counted on what was not sprayed, beside it. */
    case Compared = 'compared';
    case Round = 'round';
    case Test = 'test';
    case Burn = 'burn';
}
