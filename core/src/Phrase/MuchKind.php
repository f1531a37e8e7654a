<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** In what an amount was said. */
enum MuchKind
{
    /** In spoons, mL, g. */
    case Measured;
    /** A squirt, a splash. */
    case ByEye;
    /** A bare number: eggs. */
    case Counted;
    case Percent;
    case Parts;
    /** So many parts to so many of water. */
    case Ratio;
}
