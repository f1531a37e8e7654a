<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

/** Why another volume is offered. */
enum RoundKind: string
{
    /** Every line is whole spoons. */
    case Whole = 'whole';

    /** It is what the recipe itself makes, and its own figures can be measured as they stand. */
    case AsWritten = 'as-written';

    /** No line takes more moves than hands keep count of. */
    case Fewer = 'fewer';
}
