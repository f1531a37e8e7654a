<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;

/** Whether the oil is held long enough. */
enum EmulsionVerdict: string
{
    case NoneNeeded = 'none-needed';
    case Short = 'short';
    case Marginal = 'marginal';
    case Enough = 'enough';

    /** @param float $seconds until it wants shaking again: what the hands can do with it decides */
    public static function of(float $seconds): self
    {
        return match (true) {
            $seconds >= EmulsionLines::ENOUGH_FROM['value'] => self::Enough,
            $seconds >= EmulsionLines::MARGINAL_FROM['value'] => self::Marginal,
            default => self::Short,
        };
    }
}
