<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** Why a leaf test says nothing. */
enum Silence: string
{
    /** The untouched leaf, or the one with water, is hurt as well. */
    case BesideHurt = 'beside-hurt';
    /** Too few sprayed leaves are left to be looked at. */
    case TooFew = 'too-few';
}
