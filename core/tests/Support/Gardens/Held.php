<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

/** How many of the intervals that were given hold the truth. */
final class Held
{
    private int $held = 0;

    private int $all = 0;

    /** Counts none where no interval was given. */
    public function note(float $truth, ?float $low, ?float $high): void
    {
        if ($low !== null && $high !== null) {
            ++$this->all;
            $this->held += (int) ($low <= $truth && $truth <= $high);
        }
    }

    public function percent(): float
    {
        return 100.0 * $this->held / max(1, $this->all);
    }
}
