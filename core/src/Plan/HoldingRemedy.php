<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Measure\Scoop;

/** The one thing that makes an oil hold, and one other where that helps, too. */
final readonly class HoldingRemedy
{
    private function __construct(
        public HoldingRemedyKind $kind,
        /** Of which there is to be more; null for the other kinds. */
        public ?Ingredient $ingredient,
        /** All that goes into one load of it beside what a stock brings, in spoons. */
        public ?Scoop $scoop,
        /** mL of it in the whole, as bought, beside what a stock brings. */
        public float $total,
        /** mL of that which is more than now. */
        public float $more,
        /** Whether soft water alone would do, too. */
        public bool $softWaterHelps,
    ) {}

    public static function more(Ingredient $ingredient, Scoop $scoop, float $total, float $more, bool $softWaterHelps): self
    {
        return new self(HoldingRemedyKind::More, $ingredient, $scoop, $total, $more, $softWaterHelps);
    }

    public static function other(HoldingRemedyKind $kind): self
    {
        return new self($kind, null, null, 0.0, 0.0, false);
    }
}
