<?php

declare(strict_types=1);

namespace IdleMixer\Core\Trouble;

use DateTimeImmutable;

/** A quarter of the year, as the weather services have it: from the first of December, March, June and September. */
enum YearTime: string
{
    case Winter = 'winter';
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';

    /** @param bool $south whether the place lies south of the equator, where it is the other way round */
    public static function of(DateTimeImmutable $day, bool $south): self
    {
        $quarter = intdiv((int) $day->format('n') % 12, 3);

        return self::cases()[($quarter + ($south ? 2 : 0)) % 4];
    }
}
