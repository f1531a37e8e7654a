<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

/** What may happen to a mix that its plan does not know. */
enum BottleLineKind: string
{
    case Added = 'added';
    case Spilled = 'spilled';
    case Thinned = 'thinned';
    /** Something went in, by the same spoons, in place of what was planned. */
    case Swapped = 'swapped';
    /** It was filled onto what was left of another batch. */
    case OverRest = 'over-a-rest';
    /** Some of it went into another batch. */
    case PouredOn = 'poured-on';

    /** @return list<self> that hands can say; the other follows from what is said of another batch */
    public static function told(): array
    {
        return [self::Added, self::Spilled, self::Thinned, self::Swapped, self::OverRest];
    }

    /** Whether what a glass showed before it says nothing any more. */
    public function wantsAnotherGlass(): bool
    {
        return $this !== self::Spilled && $this !== self::PouredOn;
    }
}
