<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

/** What a leaf test says so far. */
enum LeafTestOutcome: string
{
    case Waiting = 'waiting';
    case LookNow = 'look-now';
    case GoAhead = 'go-ahead';
    case Weaken = 'weaken';
    case Refuse = 'refuse';

    /** Whether the plant may be sprayed: `wait` until it is known. */
    public function level(): string
    {
        return match ($this) {
            self::Waiting, self::LookNow => 'wait',
            self::GoAhead => 'ok',
            self::Weaken => 'caution',
            self::Refuse => 'stop',
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
}
