<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;

/** Where water comes from. */
enum WaterKind: string
{
    case Rain = 'rain';
    case Distilled = 'distilled';
    case Softened = 'softened';
    case Tap = 'tap';
    case Well = 'well';

    /** mg/L as CaCO3 to reckon with, our own choice; null where it has to be found out. */
    public function milligramsPerLitre(): ?float
    {
        return match ($this) {
            self::Rain => EmulsionLines::RAIN['value'],
            self::Distilled => 0.0,
            // A softener trades calcium for sodium, and leaves a little.
            self::Softened => EmulsionLines::SOFTENED['value'],
            self::Tap, self::Well => null,
        };
    }
}
