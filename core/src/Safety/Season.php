<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

/** Whether there is green on the plant. */
enum Season: string
{
    case Growing = 'growing';
    case Dormant = 'dormant';
}
