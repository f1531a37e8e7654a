<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

/** What an ingredient is to the mix. */
enum IngredientKind: string
{
    case Oil = 'oil';
    case EssentialOil = 'essential-oil';
    case Soap = 'soap';
    case Detergent = 'detergent';
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
            self::Soap, self::Detergent, self::NonIonic, self::Egg => true,
            default => false,
        };
    }

    public function isOily(): bool
    {
        return $this === self::Oil || $this === self::EssentialOil;
    }

    /** Whether the bottle states a strength in percent v/v. */
    public function hasStrength(): bool
    {
        return $this === self::Alcohol || $this === self::Peroxide;
    }
}
