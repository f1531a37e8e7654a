<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

/** The units that the hardness of water is told in. */
enum HardnessUnit: string
{
    case MilligramPerLitre = 'mg/L';
    case GrainPerUsGallon = 'gr/gal';
    case GermanDegree = 'dH';
    case EnglishDegree = 'Clark';
    case FrenchDegree = 'fH';

    /**
     * mg/L as CaCO3: a grain of 64.79891 mg in a US gallon; 10 mg/L CaO; a grain in an imperial gallon; 10 mg/L CaCO3.
     * Definitions written from memory.
     */
    public function milligramsPerLitre(): float
    {
        return match ($this) {
            self::MilligramPerLitre => 1.0,
            self::GrainPerUsGallon => 64.79891 / 3.785411784,
            self::GermanDegree => 10.0 * 100.087 / 56.077,
            self::EnglishDegree => 64.79891 / 4.54609,
            self::FrenchDegree => 10.0,
        };
    }
}
