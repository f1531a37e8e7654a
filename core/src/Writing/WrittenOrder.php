<?php

declare(strict_types=1);

namespace IdleMixer\Core\Writing;

/** How long a mix holds when it is mixed in one order. */
final readonly class WrittenOrder
{
    public function __construct(
        public string $order,
        public float $reshake_seconds,
        public string $words,
    ) {}
}
