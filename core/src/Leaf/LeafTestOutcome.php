<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Data\LeafLines;
use IdleMixer\Core\Safety\Level;

/** What a leaf test says so far. */
enum LeafTestOutcome: string
{
    case Waiting = 'waiting';
    case LookNow = 'look-now';
    /** Measured, but so unsurely that it may be either. */
    case LookAgain = 'look-again';
    case SaysNothing = 'says-nothing';
    case GoAhead = 'go-ahead';
    /** Marked at full strength, clean at a weaker rung of the ladder. */
    case GoWeaker = 'go-weaker';
    case Weaken = 'weaken';
    case Refuse = 'refuse';

    /**
     * Whether the plant may be sprayed: the one place that says so, for every screen. A slight mark asks for a weaker spray
     * and another test; a brown, wet or dead leaf forbids it (common practice; that the one is no stop is our own line).
     */
    public function level(): Level
    {
        return match ($this) {
            self::GoAhead => Level::Ok,
            self::Waiting, self::LookNow, self::LookAgain, self::SaysNothing, self::GoWeaker, self::Weaken => Level::Caution,
            self::Refuse => Level::Stop,
        };
    }

    /** Key of the source of the limit that it hangs on; null where it hangs on none. */
    public function source(): ?string
    {
        return match ($this) {
            self::Waiting => LeafLines::WAITS['source'],
            self::SaysNothing => LeafLines::BESIDE_HURT['source'],
            self::GoAhead, self::GoWeaker, self::Weaken => LeafLines::CLEAN['source'],
            self::Refuse => LeafLines::SLIGHT['source'],
            self::LookNow, self::LookAgain => null,
        };
    }

    /** Whether the last word is spoken. */
    public function isConcluded(): bool
    {
        return match ($this) {
            self::GoAhead, self::GoWeaker, self::Weaken, self::Refuse, self::SaysNothing => true,
            self::Waiting, self::LookNow, self::LookAgain => false,
        };
    }

    /** Whether a leaf showed a mark. */
    public function isMarked(): bool
    {
        return match ($this) {
            self::GoWeaker, self::Weaken, self::Refuse => true,
            self::Waiting, self::LookNow, self::LookAgain, self::SaysNothing, self::GoAhead => false,
        };
    }
}
