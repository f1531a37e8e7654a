<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** What a leaf of a test got. */
enum LeafRole: string
{
    case Sprayed = 'sprayed';
    /** Wetted with the same water, and nothing in it: tells what water and sun alone do. */
    case Water = 'water';
    /** Marked and left alone: tells what would have happened anyway. */
    case Untouched = 'untouched';
}
