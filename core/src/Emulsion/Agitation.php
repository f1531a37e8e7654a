<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** How hard a mix is worked. */
enum Agitation: string
{
    case Stir = 'stir';
    case HandShake = 'hand-shake';
    case BriskShake = 'brisk-shake';
    case Whisk = 'whisk';
    case Blender = 'blender';
}
