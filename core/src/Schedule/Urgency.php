<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** How soon a task is due. */
enum Urgency: string
{
    case Overdue = 'overdue';
    case Today = 'today';
    case Later = 'later';
}
