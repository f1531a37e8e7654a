<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

/** Where what is mixed stands; one at a time, in the order in which a batch goes through them. */
enum BottleState: string
{
    /** No spoon of the load is in. */
    case Planned = 'planned';
    case Mixing = 'mixing';
    /** All of it is in, and no glass has shown that it holds. */
    case Mixed = 'mixed';
    case Standing = 'standing';
    case InTheSprayer = 'in-the-sprayer';
    /** Some of it was sprayed. */
    case Rest = 'rest';
    case Gone = 'gone';

    /** Whether spoons still go in. */
    public function isBeforeMixed(): bool
    {
        return $this === self::Planned || $this === self::Mixing;
    }
}
