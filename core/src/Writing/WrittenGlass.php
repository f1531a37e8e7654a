<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** What a glass shows after standing so long. */
final readonly class WrittenGlass
{
    public function __construct(
        public int $seconds,
        public float $on_top_mm,
        public float $tube_share,
    ) {}
}
