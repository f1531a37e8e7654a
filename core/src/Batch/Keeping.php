<?php

declare(strict_types=1);

namespace IdleMixer\Core\Batch;

use IdleMixer\Core\Schedule\HoldingRule;

/** By which school a batch is kept. */
enum Keeping: string
{
    case Strict = 'strict';
    case Patient = 'patient';

    /** Hours from mixing to throwing away. */
    public function hours(HoldingRule $rule): float
    {
        return match ($this) {
            self::Strict => $rule->strict->value,
            self::Patient => $rule->patient->value,
        };
    }
}
