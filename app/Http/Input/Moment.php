<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Http\Clock\CallClock;
use DateTimeImmutable;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use Illuminate\Container\Container;

/** When something was done: not before 2000, and not in the future. */
final class Moment
{
    private const EARLIEST = '2000-01-01T00:00:00Z';

    /** Clocks of two devices in one house may differ by this much. */
    private const SLACK = '+10 minutes';

    /** @throws InvalidDocument when it is no instant, or not in the past */
    public static function past(?Node $node, DateTimeImmutable $now): DateTimeImmutable
    {
        if ($node === null) {
            return $now;
        }
        $clock = Container::getInstance()->make(CallClock::class);

        // Bounds as the clock has them by which it was said.
        return $clock->meant($node->instant($clock->said(new DateTimeImmutable(self::EARLIEST)), $clock->said($now->modify(self::SLACK))));
    }
}
