<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;

/** Whether there is emulsifier enough for the oil. */
enum EmulsionVerdict: string
{
    case NoneNeeded = 'none-needed';
    case Short = 'short';
    case Marginal = 'marginal';
    case Enough = 'enough';

    /** From half of what is needed on it is marginal, from all of it enough: our own lines. */
    public static function of(float $cover): self
    {
        return match (true) {
            $cover >= 1.0 - 1e-9 => self::Enough,
            $cover >= EmulsionLines::MARGINAL_FROM['value'] => self::Marginal,
            default => self::Short,
        };
    }
}
