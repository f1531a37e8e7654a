<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

/** A spray of which the truth is known. */
final readonly class TrueSpray
{
    /**
     * @param float $down    percent that it takes in the middle of all cases, under 100
     * @param float $between how much cases differ: deviation of the natural logarithm of what is left
     * @param float $within  how much the rounds of a case differ, in the same way
     * @param float $burns   share of its rounds after which leaves burn
     */
    public function __construct(public float $down, public float $between = 0.5, public float $within = 0.3, public float $burns = 0.0) {}

    public function log(): float
    {
        return log(1.0 - $this->down / 100.0);
    }
}
