<?php

declare(strict_types=1);

namespace IdleMixer\Core\Tests\Support\Gardens;

use IdleMixer\Core\Data\EvidenceLines;
use IdleMixer\Core\Evidence\Normal;

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

    /** Share of 1 of its rounds that take four of five and more. */
    public function works(): float
    {
        return Normal::under((log(1.0 - EvidenceLines::WORKED_FROM['value'] / 100.0) - $this->log()) / hypot($this->between, $this->within));
    }
}
