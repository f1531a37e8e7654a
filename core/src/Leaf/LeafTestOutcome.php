<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** What a leaf test says so far. */
enum LeafTestOutcome: string
{
    case Waiting = 'waiting';
    case LookNow = 'look-now';
    case GoAhead = 'go-ahead';
    case Weaken = 'weaken';
    case Refuse = 'refuse';
}
