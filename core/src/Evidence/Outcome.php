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
    case NoneBefore = 'none-before';
    case TooFew = 'too-few';
    /** Nothing was counted before, and the plant left alone has too few to compare with. */
    case UntreatedTooFew = 'untreated-too-few';
    /** Down at the fair look, and back before the next round. */
    case CameBack = 'came-back';
    /** The plant left alone lost as much by itself. */
    case ControlFell = 'control-fell';
    /** One of a programme that is judged as a whole. */
    case Step = 'step';

    public function isJudged(): bool
    {
        return match ($this) {
            self::Worked, self::Helped, self::Failed, self::CameBack => true,
            default => false,
        };
    }
}
