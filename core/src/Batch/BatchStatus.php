<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

/** What can be done with a batch. */
enum BatchStatus: string
{
    case Mixing = 'mixing';
    case Ready = 'ready';
    case Old = 'old';
    case Discarded = 'discarded';
    /** All of it was sprayed. */
    case UsedUp = 'used-up';
}
