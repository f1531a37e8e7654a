<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Quantity\Volume;

/** A volume that is offered beside the one that was asked for. */
final readonly class RoundVolume
{
    /** @param Volume $volume of one load */
    public function __construct(public Volume $volume, public RoundKind $kind) {}
}
