<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;

/** One change of the bench after which less is wrong with the spray: tried out, not assumed. */
final readonly class Mending
{
    /** @param array<string, int|float|string> $args of its words */
    public function __construct(
        /** Code of the verdict that it answers. */
        public string $about,
        public MendingKind $kind,
        public array $args,
        public Bench $bench,
    ) {}
}
