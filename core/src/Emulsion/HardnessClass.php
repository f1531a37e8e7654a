<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

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
            $hardness <= 60.0 => self::Soft,
            $hardness <= 120.0 => self::Moderate,
            $hardness <= 180.0 => self::Hard,
            default => self::VeryHard,
        };
    }

    /** What is reckoned with when only the word is known: its hard end, and 300 for the open one; our own choice. */
    public function milligramsPerLitre(): float
    {
        return match ($this) {
            self::Soft => 60.0,
            self::Moderate => 120.0,
            self::Hard => 180.0,
            self::VeryHard => 300.0,
        };
    }

    /** Whether true soap clouds and drops out in it (common practice, no source). */
    public function spoilsSoap(): bool
    {
        return $this === self::Hard || $this === self::VeryHard;
    }
}
