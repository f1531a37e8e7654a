<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

/** In which order the ingredients meet the water. */
enum MixingOrder: string
{
    case AllTogether = 'all-together';
    case SoapThenOil = 'soap-then-oil';
    case EmulsifierFirst = 'emulsifier-first';
    case CupPremix = 'cup-premix';
    case Blender = 'blender';
}
