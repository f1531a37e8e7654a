<?php

declare(strict_types=1);

namespace IdleMixer\Core\Course;

/** The day of the next round, and what moved it there. */
final readonly class Moved
{
    /**
     * @param array<string, int|float|string> $args
     * @param list<Act>                       $more what is done meanwhile
     */
    public function __construct(
        /** Days after the start. */
        public int $day,
        public string $because,
        public array $args,
        public array $more,
        public bool $isMoved,
        /** Whether it is put off by something that passes. */
        public bool $isLater,
    ) {}
}
