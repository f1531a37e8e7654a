<?php

declare(strict_types=1);

namespace IdleMixer\Core\Run;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Part;
use IdleMixer\Core\Recipe\RecipeUse;

/** What is sprayed, as far as the hands go by it. */
final readonly class RunSpray
{
    private function __construct(public RecipeUse $use, public bool $hasOil, public bool $givesOffGas) {}

    public static function of(RecipeUse $use, Mixture $mixture): self
    {
        $all = array_map(static fn(Part $part): Substance => $part->ingredient->substance, $mixture->parts);

        return new self($use, array_filter($all, static fn(Substance $one): bool => $one->isOily()) !== [], in_array(Substance::Peroxide, $all, true));
    }
}
