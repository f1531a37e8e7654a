<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceClass;
use IdleMixer\Core\Recipe\RecipeUse;

/** What a recipe is made for, and what it is really going onto. */
final readonly class Target
{
    private function __construct(public RecipeUse $use, public ?ToleranceClass $plant) {}

    public static function of(RecipeUse $use, ?ToleranceClass $plant): self
    {
        return new self($use, $plant);
    }

    /** Null for a stock, which goes onto nothing before it is let down. */
    public function surface(): ?Surface
    {
        return $this->plant->surface ?? match ($this->use) {
            RecipeUse::Foliar, RecipeUse::Spot => Surface::Leaf,
            RecipeUse::Dormant => Surface::Wood,
            RecipeUse::Drench => Surface::Soil,
            RecipeUse::Stock => null,
        };
    }
}
