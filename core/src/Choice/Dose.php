<?php

declare(strict_types=1);

namespace IdleMixer\Core\Choice;

use IdleMixer\Core\Mix\Strengths;

/** How strong a recipe is taken. */
final readonly class Dose
{
    public function __construct(public bool $highEnd, public float $factor, public Strengths $strengths) {}

    /** Percent v/v of all oil in the finished spray. */
    public function oil(): float
    {
        return $this->strengths->oily();
    }
}
