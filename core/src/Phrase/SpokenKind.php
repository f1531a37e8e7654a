<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** How an amount was said. */
enum SpokenKind: string
{
    case Amount = 'amount';
    case Rate = 'rate';
    case Percent = 'percent';
    case Parts = 'parts';
}
