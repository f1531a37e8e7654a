<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Window;

/** The hours of a round that its spray may have on its day. */
final readonly class BestHours
{
    public function __construct(public DateTimeImmutable $from, public DateTimeImmutable $to) {}

    public static function of(Window $window): self
    {
        return new self(new DateTimeImmutable("@{$window->from}"), new DateTimeImmutable("@{$window->to}"));
    }
}
