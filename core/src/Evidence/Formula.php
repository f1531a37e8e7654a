<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** By what a round is judged. */
enum Formula: string
{
    /** Abbott (1925): both counted afterwards only. */
    case Abbott = 'abbott';
    /** Henderson and Tilton (1955): both counted before and after. */
    case HendersonTilton = 'henderson-tilton';
    /** No comparison. */
    case BeforeAfter = 'before-after';
}
