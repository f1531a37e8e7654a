<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Data\GateLines;
use IdleMixer\Core\Data\ScheduleLines;

/** When burnt leaves are looked at again: common practice, no source. */
final class BurnLooks
{
    /** @return DateTimeImmutable|null the look that is due next or was due last; null once nothing else kept off it any more */
    public static function next(DateTimeImmutable $seenAt, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $second = $seenAt->modify('+' . ScheduleLines::SECOND_BURN_LOOK['value'] . ' days');

        return match (true) {
            $now > $seenAt->modify('+' . GateLines::BURN_RESTS['value'] . ' days') => null,
            $now >= $second => $second,
            default => $seenAt->modify('+' . ScheduleLines::FIRST_BURN_LOOK['value'] . ' days'),
        };
    }
}
