<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** Nobody sprays until somebody has looked again. */
final readonly class Waiting
{
    public function __construct(public DateTimeImmutable $until) {}

    /** The later of a round and the look that it waits for. */
    public static function orLater(DateTimeImmutable $round, ?self $waiting): DateTimeImmutable
    {
        return $waiting === null ? $round : max($round, $waiting->until);
    }
}
