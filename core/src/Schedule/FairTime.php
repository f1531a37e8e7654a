<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Source\Sourced;

/** When a look says something of a spray, and when it may judge it: hours after spraying. */
final readonly class FairTime
{
    public function __construct(public Sourced $first, public Sourced $judged) {}
}
