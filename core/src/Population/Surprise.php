<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/** How the last count lies to what the counts before it let expect. */
enum Surprise: string
{
    case None = 'none';
    case More = 'more';
    case Fewer = 'fewer';
}
