<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** How sure an effect is. */
enum Sureness: string
{
    case None = 'none';
    case Hardly = 'hardly';
    case Fairly = 'fairly';
    case Sure = 'sure';
}
