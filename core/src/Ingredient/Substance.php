<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

/** What an ingredient is to the mix: strengths, limits, words and findings go by it. */
enum Substance: string
{
    case Neem = 'neem';
    /** Horticultural and paraffin oils. */
    case RefinedOil = 'refined-oil';
    case KitchenOil = 'kitchen-oil';
    case EssentialOil = 'essential-oil';
    case TrueSoap = 'true-soap';
    case Detergent = 'detergent';
    /** Saponin and polysorbate. */
    case NonIonic = 'non-ionic';
    case Alcohol = 'alcohol';
    case Peroxide = 'peroxide';
    case Soda = 'soda';
    case Egg = 'egg';

    /** Dissolved solids take no room in the finished spray. */
    public function isLiquid(): bool
    {
        return $this !== self::Soda;
    }

    /** Whether it can hold oil in water. */
    public function isEmulsifier(): bool
    {
        return match ($this) {
            self::TrueSoap, self::Detergent, self::NonIonic, self::Egg => true,
            default => false,
        };
    }

    /** Pressed or refined, not distilled. */
    public function isOil(): bool
    {
        return match ($this) {
            self::Neem, self::RefinedOil, self::KitchenOil => true,
            default => false,
        };
    }

    public function isOily(): bool
    {
        return $this->isOil() || $this === self::EssentialOil;
    }

    /** Whether the bottle states a strength in percent v/v. */
    public function hasStrength(): bool
    {
        return $this === self::Alcohol || $this === self::Peroxide;
    }

    /** Null for egg, which is counted and holds no strength. */
    public function group(): ?SubstanceGroup
    {
        return match ($this) {
            self::Neem, self::RefinedOil, self::KitchenOil => SubstanceGroup::Oil,
            self::EssentialOil => SubstanceGroup::Essential,
            self::TrueSoap, self::Detergent, self::NonIonic => SubstanceGroup::Soap,
            self::Alcohol => SubstanceGroup::Alcohol,
            self::Peroxide => SubstanceGroup::Peroxide,
            self::Soda => SubstanceGroup::Soda,
            self::Egg => null,
        };
    }
}
