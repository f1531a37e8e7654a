<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What to do with a spray, by its rounds. */
enum RecordVerdict: string
{
    case Keep = 'keep';
    /** It helps: change dose, interval or the way it is put on. */
    case Tune = 'tune';
    case Drop = 'drop';
    case NotEnough = 'not-enough';
}
