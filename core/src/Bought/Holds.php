<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bought;

/** What is in a bought thing that a later spray of one's own has to know of: oil burns after sulfur, soap after copper, and oils add up. */
enum Holds: string
{
    case Oil = 'oil';
    case Sulfur = 'sulfur';
    case Copper = 'copper';
}
