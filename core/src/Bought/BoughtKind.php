<?php

declare(strict_types=1);

namespace IdleMixer\Core\Bought;

use IdleMixer\Core\Data\BoughtLines;
use IdleMixer\Core\Words\Say;

/** What a round was done with that nobody mixed. Common practice, no source. */
enum BoughtKind: string
{
    /** Ready made, or mixed as its label says. */
    case Spray = 'spray';
    case Dust = 'dust';
    /** Beneficial insects, mites or nematodes that were set out. */
    case Insects = 'insects';

    public function words(): string
    {
        return match ($this) {
            self::Spray => Say::it('bought/spray'),
            self::Dust => Say::it('bought/dust'),
            self::Insects => Say::it('bought/insects'),
        };
    }

    /** @return float hours to the first look that says something */
    public function firstLookHours(): float
    {
        return $this === self::Insects ? BoughtLines::INSECTS_LOOK['value'] : BoughtLines::FIRST_LOOK['value'];
    }

    /** @return float hours to the look that may judge it */
    public function fairLookHours(): float
    {
        return $this === self::Insects ? BoughtLines::INSECTS_JUDGED['value'] : BoughtLines::FAIR_LOOK['value'];
    }
}
