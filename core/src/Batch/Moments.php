<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;

/** Instants of a batch document: RFC 3339 in UTC. */
final class Moments
{
    private const SHAPE = 'Y-m-d\TH:i:s\Z';

    private const EARLIEST = '2000-01-01T00:00:00Z';

    private const LATEST = '2200-01-01T00:00:00Z';

    public static function written(DateTimeImmutable $at): string
    {
        return $at->setTimezone(new DateTimeZone('UTC'))->format(self::SHAPE);
    }

    /** @throws InvalidDocument when it is none of two centuries */
    public static function read(Node $node): DateTimeImmutable
    {
        return $node->instant(new DateTimeImmutable(self::EARLIEST), new DateTimeImmutable(self::LATEST));
    }
}
