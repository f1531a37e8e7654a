<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** What a round did to the count. */
enum Outcome: string
{
    case Worked = 'worked';
    case Helped = 'helped';
    case Failed = 'failed';
    case NoCountBefore = 'no-count-before';
    case NoCountAfter = 'no-count-after';
    case TooEarly = 'too-early';
    case TooFew = 'too-few';

    public function isJudged(): bool
    {
        return match ($this) {
            self::Worked, self::Helped, self::Failed => true,
            default => false,
        };
    }
}
