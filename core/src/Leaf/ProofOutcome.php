<?php

declare(strict_types=1);

namespace IdleMixer\Core\Leaf;

use IdleMixer\Core\Safety\Level;

/** What all leaf tests of a kind of plant say of one spray. */
enum ProofOutcome: string
{
    /** Nobody tested these ingredients on it. */
    case None = 'none';
    /** Proven, but only for a weaker one. */
    case Stronger = 'stronger';
    /** Proven once, long ago or before a heat wave. */
    case Faded = 'faded';
    /** Nobody knows what is in it, but leaves bore this very bottle. */
    case ThisBottle = 'this-bottle';
    case Waiting = 'waiting';
    case LookNow = 'look-now';
    case LookAgain = 'look-again';
    case GoAhead = 'go-ahead';
    case Weaken = 'weaken';
    case Refuse = 'refuse';

    public function level(): Level
    {
        return match ($this) {
            self::None, self::Stronger, self::Faded => Level::Caution,
            self::ThisBottle => Level::Ok,
            default => LeafTestOutcome::from($this->value)->level(),
        };
    }
}
