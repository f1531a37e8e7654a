<?php

declare(strict_types=1);

namespace IdleMixer\Core\Method;

/** What a method is for: where what is sprayed is to land. */
enum Onto: string
{
    case Leaf = 'leaf';
    case BareWood = 'bare-wood';
    case Soil = 'soil';
    case SingleInsects = 'single-insects';
}
