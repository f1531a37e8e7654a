<?php

declare(strict_types=1);

namespace IdleMixer\Core\Population;

/**
 * How one stage passes: in so many equal steps, so that some are through sooner than others. The more steps, the less they scatter: their
 * times follow a gamma distribution whose shape is the number of steps (linear chain, a standard device of population models).
 */
final readonly class Span
{
    /**
     * @param float $degreeDays from its begin to its end in the middle, above 0
     * @param int   $steps      1 and more
     * @param float $survive    share that lives through it where nobody sprays, above 0, at most 1
     */
    public function __construct(public float $degreeDays, public int $steps, public float $survive) {}

    /** Steps passed for each degree-day. */
    public function pace(): float
    {
        return $this->steps / $this->degreeDays;
    }

    /** Share that dies for each degree-day. */
    public function dying(): float
    {
        return $this->pace() * ($this->survive ** (-1.0 / $this->steps) - 1.0);
    }

    /**
     * What is through it in the end of those that begin, each counted less the later it is through: e^(-rate x degree-days).
     *
     * @param float $rate for each degree-day
     */
    public function through(float $rate): float
    {
        return ($this->pace() / ($this->pace() + $this->dying() + $rate)) ** $this->steps;
    }
}
