<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

/** One measure, filled level so many times. */
final readonly class Scoop
{
    /** @param int $count 1 or more */
    public function __construct(public Measure $measure, public int $count) {}

    public function millilitres(): float
    {
        return $this->measure->millilitres * $this->count;
    }
}
