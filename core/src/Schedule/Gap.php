<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

/** Days on which what hatches, or is born, meets no round before it breeds. */
final readonly class Gap
{
    public function __construct(
        public int $from,
        public int $to,
        /** The round before it. */
        public int $after,
        /** The round that comes too late; null where none comes. */
        public ?int $next,
    ) {}
}
