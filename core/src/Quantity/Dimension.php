<?php

declare(strict_types=1);

namespace IdleMixer\Core\Quantity;

/** What kind of thing a unit measures. */
enum Dimension: string
{
    case Volume = 'volume';
    case Mass = 'mass';
    case Count = 'count';
    case Temperature = 'temperature';
    case Hardness = 'hardness';
}
