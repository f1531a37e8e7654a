<?php

declare(strict_types=1);

namespace App\Http\Answer;

use DateTimeInterface;

/** Instants as they go over the wire: RFC 3339 in UTC. */
final class Instant
{
    private const SHAPE = 'Y-m-d\TH:i:s\Z';

    public static function of(DateTimeInterface $at): string
    {
        return \DateTimeImmutable::createFromInterface($at)->setTimezone(new \DateTimeZone('UTC'))->format(self::SHAPE);
    }

    public static function maybe(?DateTimeInterface $at): ?string
    {
        return $at === null ? null : self::of($at);
    }
}
