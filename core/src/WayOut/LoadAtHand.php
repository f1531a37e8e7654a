<?php

declare(strict_types=1);

namespace IdleMixer\Core\WayOut;

use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Work\Load;

/** The load that something went wrong with, and what its plan hung on. */
final readonly class LoadAtHand
{
    private function __construct(
        public Load $load,
        public Target $target,
        public Circumstances $circumstances,
        public Kit $kit,
        /** The unit that volumes are spoken of in. */
        public Unit $unit,
        /** mL that the sprayer takes at the most. */
        public float $capacity,
    ) {}

    /** @param float|null $room mL of the sprayer; null where it is no larger than the load */
    public static function of(Load $load, Target $target, Circumstances $circumstances, Kit $kit, Unit $unit, ?float $room): self
    {
        return new self($load, $target, $circumstances, $kit, $unit, max($room ?? 0.0, $load->mixture->finished()));
    }
}
