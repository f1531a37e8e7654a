<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;
use IdleMixer\Core\Weather\Window;

/** The hours of a round that its spray may have on its day. */
final readonly class BestHours
{
    public function __construct(public DateTimeImmutable $from, public DateTimeImmutable $to) {}

    /** The hours that several have in common; null where there are none. */
    public static function shared(self ...$all): ?self
    {
        if ($all === []) {
            return null;
        }
        $from = max(array_map(static fn(self $one): DateTimeImmutable => $one->from, $all));
        $to = min(array_map(static fn(self $one): DateTimeImmutable => $one->to, $all));

        return $from < $to ? new self($from, $to) : null;
    }

    public static function of(Window $window): self
    {
        return new self(new DateTimeImmutable("@{$window->from}"), new DateTimeImmutable("@{$window->to}"));
    }
}
