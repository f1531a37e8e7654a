<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

enum RemedyKind: string
{
    case AsItIs = 'as-it-is';
    case AddMissing = 'add-missing';
    case MakeRoom = 'make-room';
    case SmallerBatch = 'smaller-batch';
    case AddWater = 'add-water';
    case BiggerBatch = 'bigger-batch';
    case PourOff = 'pour-off';
    /** What holds the oil, for as much oil as is in. */
    case AddSoap = 'add-soap';
    /** Whether what holds the oil is in shows in a glass. */
    case GlassTells = 'glass-tells';
    case WithinLimits = 'within-limits';
    case Drench = 'drench';
    case Discard = 'discard';
}
