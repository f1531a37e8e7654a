<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Data\EmulsionLines;

/** Hardness in a word: the classes of the USGS (from memory), mg/L as CaCO3. */
enum HardnessClass: string
{
    case Soft = 'soft';
    case Moderate = 'moderate';
    case Hard = 'hard';
    case VeryHard = 'very-hard';

    /** @param float $hardness mg/L as CaCO3, 0 or more */
    public static function of(float $hardness): self
    {
        return match (true) {
            $hardness <= EmulsionLines::SOFT_TO['value'] => self::Soft,
            $hardness <= EmulsionLines::MODERATELY_HARD_TO['value'] => self::Moderate,
            $hardness <= EmulsionLines::HARD_TO['value'] => self::Hard,
            default => self::VeryHard,
        };
    }

    /** What is reckoned with when only the word is known: its hard end, and 300 for the open one; our own choice. */
    public function milligramsPerLitre(): float
    {
        return match ($this) {
            self::Soft => EmulsionLines::SOFT_TO['value'],
            self::Moderate => EmulsionLines::MODERATELY_HARD_TO['value'],
            self::Hard => EmulsionLines::HARD_TO['value'],
            self::VeryHard => EmulsionLines::VERY_HARD['value'],
        };
    }
}
