<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Safety\Level;

/** What a leaf test says so far. */
enum LeafTestOutcome: string
{
    case Waiting = 'waiting';
    case LookNow = 'look-now';
    case GoAhead = 'go-ahead';
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
            self::Waiting, self::LookNow, self::Weaken => Level::Caution,
            self::Refuse => Level::Stop,
        };
    }

    /** Whether the last word is spoken. */
    public function isConcluded(): bool
    {
        return match ($this) {
            self::GoAhead, self::Weaken, self::Refuse => true,
            self::Waiting, self::LookNow => false,
        };
    }

    /** Whether a leaf showed a mark. */
    public function isMarked(): bool
    {
        return $this === self::Weaken || $this === self::Refuse;
    }
}
