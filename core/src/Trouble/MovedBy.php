<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

/** What makes a trouble likelier here, or less likely, before any sign is seen. */
enum MovedBy: string
{
    case OftenOnKind = 'often-on-kind';
    case HardlyOnKind = 'hardly-on-kind';
    case OftenIndoors = 'often-indoors';
    case SeldomIndoors = 'seldom-indoors';
    case OftenOutdoors = 'often-outdoors';
    case SeldomOutdoors = 'seldom-outdoors';
    case OftenNow = 'often-now';
    case SeldomNow = 'seldom-now';
    case HadHere = 'had-here';
}
