<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Words\Say;

/** How many leaves may burn, as people bear it: “two leaves in five”, never fewer than it is. */
final class LeavesIn
{
    /** @param float $percent 0 to 100; what lies above the last share is the last */
    public static function percent(float $percent): string
    {
        $all = Say::all('leaves-in');
        foreach ($all as $most => $words) {
            if (round($percent) <= (float) $most) {
                return $words;
            }
        }

        return (string) end($all);
    }
}
