<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Quantity\Amount;

/** One line of a recipe: so much of an ingredient, or so much of a stock. */
final readonly class RecipeLine
{
    private function __construct(
        public ?Ingredient $ingredient,
        public ?Recipe $stock,
        public Amount $amount,
        /** Top of a range, in the unit of the amount. */
        public ?float $upTo,
        /** Percent v/v on the bottle; null where bottles state none. */
        public ?float $strength,
    ) {}

    public static function ofIngredient(Ingredient $ingredient, Amount $amount, ?float $upTo, ?float $strength): self
    {
        return new self($ingredient, null, $amount, $upTo, $strength ?? $ingredient->defaultStrength?->value);
    }

    public static function ofStock(Recipe $stock, Amount $amount, ?float $upTo): self
    {
        return new self(null, $stock, $amount, $upTo, null);
    }

    /** The amount at the low or the high end of its range. */
    public function amountAt(bool $highEnd): Amount
    {
        return $highEnd && $this->upTo !== null ? Amount::of($this->upTo, $this->amount->unit) : $this->amount;
    }

    /** Another amount of the same, without a range; above 0. */
    public function times(float $share, bool $highEnd): self
    {
        $amount = $this->amountAt($highEnd);

        return new self($this->ingredient, $this->stock, Amount::of($amount->value * $share, $amount->unit), null, $this->strength);
    }
}
