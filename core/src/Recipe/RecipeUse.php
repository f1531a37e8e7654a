<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** Where a recipe goes. */
enum RecipeUse: string
{
    case Foliar = 'foliar';
    case Drench = 'drench';
    case Dormant = 'dormant';
    case Spot = 'spot';
    case Stock = 'stock';
}
