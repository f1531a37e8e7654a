<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

/** Who may tell the weather. */
enum TellerKind: string
{
    case Station = 'station';
    case File = 'file';
    case Door = 'door';
}
