<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** Whether the lines are added to that much water, or topped up to that volume. */
enum BasisOf: string
{
    case Water = 'water';
    case Finished = 'finished';
}
