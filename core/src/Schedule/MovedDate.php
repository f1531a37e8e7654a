<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use DateTimeImmutable;

/** What moved a date, and to when; the sentence is put together elsewhere. */
final readonly class MovedDate
{
    public const BURNT = 'burnt';

    public function __construct(
        public string $code,
        /** Null where it is done no more. */
        public ?DateTimeImmutable $to,
        /** What the gardener said, where it was moved by hand. */
        public string $said = '',
    ) {}
}
