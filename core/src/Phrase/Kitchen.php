<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** Whose spoons, cups, pints and gallons a household means when it says no more. */
enum Kitchen: string
{
    case Us = 'us';
    case British = 'british';
    case Australian = 'australian';
    case Metric = 'metric';
}
