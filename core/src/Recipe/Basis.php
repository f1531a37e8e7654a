<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Quantity\Amount;

/** The volume that the lines of a recipe are written for. */
final readonly class Basis
{
    public function __construct(public Amount $amount, public BasisOf $of) {}

    /** mL of water, or of finished spray. */
    public function millilitres(): float
    {
        return $this->amount->volume()->millilitres();
    }
}
