<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

/** What ends on a day. */
enum EndKind: string
{
    case Bloom = 'bloom';
    /** Of leaves that burnt. */
    case Rest = 'rest';
    case Harvest = 'harvest';
    /** Of what stands mixed. */
    case Batch = 'batch';
}
