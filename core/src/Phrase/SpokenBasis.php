<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Recipe\BasisOf;

/** “1 gal of water”, “made up to 32 fl oz”. */
final readonly class SpokenBasis
{
    public function __construct(public float $amount, public UnitMeaning $unit, public BasisOf $of) {}

    /** mL. */
    public function millilitres(): float
    {
        return $this->amount * $this->unit->inBase();
    }
}
