<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** What the spray lands on. */
enum Surface: string
{
    case Leaf = 'leaf';
    case Wood = 'wood';
    case Soil = 'soil';
}
