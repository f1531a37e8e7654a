<?php

declare(strict_types=1);

namespace IdleMixer\Core\Row;

/** Where what is counted on a plant is going, by the last two counts. */
enum Trend: string
{
    case Uncounted = 'uncounted';
    case Once = 'once';
    case Gone = 'gone';
    case Falling = 'falling';
    case Same = 'same';
    case Rising = 'rising';

    /** @param list<float> $counts earliest first */
    public static function of(array $counts): self
    {
        $last = $counts[count($counts) - 1] ?? null;
        $before = $counts[count($counts) - 2] ?? null;

        return match (true) {
            $last === null => self::Uncounted,
            $last <= 0.0 => self::Gone,
            $before === null => self::Once,
            $last < $before => self::Falling,
            $last > $before => self::Rising,
            default => self::Same,
        };
    }
}
