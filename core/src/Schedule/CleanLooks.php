<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\ScheduleLines;

/** How often in a row nothing was found since the last round, at looks that may judge it. */
final class CleanLooks
{
    /**
     * @param list<array{DateTimeImmutable, float}> $counts earliest first: when, and how many
     * @param DateTimeImmutable                     $fairFrom from when on a look may judge the last round
     */
    public static function of(array $counts, DateTimeImmutable $fairFrom): int
    {
        $clean = 0;
        $last = null;
        foreach ($counts as [$at, $many]) {
            if ($at < $fairFrom) {
                continue;
            }
            if ($many > 0.0) {
                [$clean, $last] = [0, null];
            } elseif ($last === null || $at >= $last->modify('+' . ScheduleLines::CLEAN_LOOKS_APART['value'] . ' days')) {
                ++$clean;
                $last = $at;
            }
        }

        return $clean;
    }
}
