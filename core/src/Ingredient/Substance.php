<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Words\Say;

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

    /** What verdicts and limits call it in one word: refined and kitchen oils are both oil. */
    public function word(): string
    {
        return match ($this) {
            self::RefinedOil, self::KitchenOil => 'oil',
            self::EssentialOil => 'essential',
            self::TrueSoap => 'soap',
            default => $this->value,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Neem => Say::it('ingredient/substance.neem'),
            self::RefinedOil => Say::it('ingredient/substance.refined-oil'),
            self::KitchenOil => Say::it('ingredient/substance.kitchen-oil'),
            self::EssentialOil => Say::it('ingredient/substance.essential-oil'),
            self::TrueSoap => 'soap',
            self::Detergent => Say::it('ingredient/substance.detergent'),
            self::NonIonic => Say::it('ingredient/substance.non-ionic'),
            self::Alcohol, self::Peroxide => Say::it('ingredient/substance.alcohol', ['this' => $this->value]),
            default => $this->value,
        };
    }

    /** v/v of what is liquid, w/v of soda. */
    public function unit(): string
    {
        return $this === self::Soda ? 'g per 100 mL' : '%';
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
