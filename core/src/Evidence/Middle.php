<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** The middle of several figures: as many lie above as below. */
final class Middle
{
    /** @param list<float> $all in any order */
    public static function of(array $all): ?float
    {
        sort($all);
        $count = count($all);
        if ($count === 0) {
            return null;
        }
        $middle = intdiv($count, 2);

        return $count % 2 === 1 ? $all[$middle] : ($all[$middle - 1] + $all[$middle]) / 2.0;
    }
}
