<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/** What may be said of a line that was typed: why it is not taken, what is asked, what was taken for granted. Each has its sentence in `core/words/en/remarks.php`. */
enum LineFinding: string
{
    case OnlyWater = 'only-water';
    case WaterNotCounted = 'water-not-counted';
    case Empty = 'empty';
    case NotText = 'not-text';
    case TooLong = 'too-long';
    case Zero = 'zero';
    case Negative = 'negative';
    case TooLarge = 'too-large';
    case NumberUnreadable = 'number-unreadable';
    case Thousand = 'thousand';
    case MixedOrFraction = 'mixed-or-fraction';
    case WhichSpirit = 'which-spirit';
    case WhichNeem = 'which-neem';
    case WhichOil = 'which-oil';
    case WhichBlackSoap = 'which-black-soap';
    case SoapPercent = 'soap-percent';
    case FillsWhat = 'fills-what';
    case FillsHowFar = 'fills-how-far';
    case RefusedParaffin = 'refused-paraffin';
    case MixedOrRange = 'mixed-or-range';
    case RangeBackwards = 'range-backwards';
    case UnitUnclear = 'unit-unclear';
    case WhosePercent = 'whose-percent';
    case UnknownWord = 'unknown-word';
    case Misspelt = 'misspelt';
    case TwoThings = 'two-things';
    case WhichOfTwo = 'which-of-two';
    case TwoAmounts = 'two-amounts';
    case RangeOrRate = 'range-or-rate';
    case WhichStock = 'which-stock';
    case LeftOut = 'left-out';
    case TwoWaters = 'two-waters';
    case PercentKind = 'percent-kind';
    case StockPercent = 'stock-percent';
    case SizeOfWhat = 'size-of-what';
    case NoIngredient = 'no-ingredient';
    case NoNumber = 'no-number';
    case NoUnit = 'no-unit';
    case AmountAlone = 'amount-alone';
    case AmountOfWhole = 'amount-of-whole';
    case AmountWhichBottle = 'amount-which-bottle';
    case AmountWeight = 'amount-weight';
    case NoUnitWater = 'no-unit-water';
    case NoUnitLine = 'no-unit-line';
    case Shape = 'shape';
    case WaterRange = 'water-range';
    case WaterWeighed = 'water-weighed';
    case RatePerWhat = 'rate-per-what';
    case PercentTooMuch = 'percent-too-much';
    case StrongerThanBottle = 'stronger-than-bottle';
    case RangeInParts = 'range-in-parts';
    case NoBottleStrength = 'no-bottle-strength';
    case BottleStrength = 'bottle-strength';
    case RefusedNicotine = 'refused-nicotine';
    case RefusedBleach = 'refused-bleach';
    case RefusedAcid = 'refused-acid';
    case RefusedAmmonia = 'refused-ammonia';
    case RefusedFuel = 'refused-fuel';
    case RefusedWashingSoda = 'refused-washing-soda';
    case RefusedMachineDetergent = 'refused-machine-detergent';
    case RefusedSalt = 'refused-salt';
    case RefusedMetal = 'refused-metal';
    case RefusedSystemic = 'refused-systemic';
    case RefusedOtherAlcohol = 'refused-other-alcohol';
    case RefusedRotenone = 'refused-rotenone';
    case RefusedFood = 'refused-food';
    case RefusedEssential = 'refused-essential';
    case AssumedOil = 'assumed-oil';
    case AssumedSoap = 'assumed-soap';
    case AssumedAlcohol = 'assumed-alcohol';
    case AssumedSoda = 'assumed-soda';
    case AssumedWash = 'assumed-wash';
    case AssumedSpelling = 'assumed-spelling';
    case AssumedSize = 'assumed-size';
    case AssumedAlso = 'assumed-also';
    case AssumedPart = 'assumed-part';
    case ByEye = 'by-eye';
    case ByEyeMeasured = 'by-eye-measured';
}
