<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/** Where a plant stands. */
enum Site: string
{
    case Outdoors = 'outdoors';
    case Indoors = 'indoors';
    case Glasshouse = 'glasshouse';
}
