<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trainer;

/** What most often lets a pest come back. */
enum Mistake: string
{
    /** One round, and no look at what hatches after it. */
    case OneAndDone = 'one-and-done';

    /** No round any more after a look that found few. */
    case StoppedAtQuiet = 'stopped-at-quiet';

    /** So many days between two rounds that what hatched after the one has laid before the other. */
    case TooWide = 'too-wide';
}
