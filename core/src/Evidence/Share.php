<?php

declare(strict_types=1);

namespace IdleMixer\Core\Evidence;

/** Between which shares of 1 something lies. */
final readonly class Share
{
    public function __construct(public float $low, public float $high) {}
}
