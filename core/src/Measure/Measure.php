<?php

declare(strict_types=1);

namespace IdleMixer\Core\Measure;

use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Unit;

/** A spoon, cup or dropper that is filled level a whole number of times. */
final readonly class Measure
{
    /** @param float $millilitres what it holds, above 0 */
    private function __construct(public Amount $amount, public float $millilitres) {}

    /** @throws \IdleMixer\Core\Quantity\InvalidQuantity when the amount is no volume */
    public static function holding(Amount $amount): self
    {
        return new self($amount, $amount->volume()->millilitres());
    }

    /** @param float $millilitres what one piece holds, above 0 */
    public static function ofPiece(Amount $one, float $millilitres): self
    {
        return new self($one, $millilitres);
    }

    /**
     * What is used when nobody said which measures there are: a US kitchen set and a dropper.
     *
     * @return list<self>
     */
    public static function kitchenSet(): array
    {
        $set = [[1.0, Unit::UsCup], [1.0, Unit::UsTablespoon], [1.0, Unit::UsTeaspoon], [0.5, Unit::UsTeaspoon], [0.25, Unit::UsTeaspoon], [1.0, Unit::Drop]];

        return array_map(static fn(array $row): self => self::holding(Amount::of($row[0], $row[1])), $set);
    }
}
