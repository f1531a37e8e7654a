<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Recipe\Recipe;

/** A recipe as a house can make it. */
final readonly class AsStocked
{
    /**
     * @param Recipe                 $recipe  with what stands in, and from the bottles that are there; as it is written where something is missing
     * @param array<string, Instead> $instead by slug of what it stands in for
     * @param list<string>           $missing slugs of what is not there and nothing stands in for
     * @param bool                   $otherwise whether it is written otherwise than the recipe has it: something stands in, or a bottle is of another strength
     */
    public function __construct(public Recipe $recipe, public array $instead, public array $missing, private bool $otherwise = false) {}

    /** Whether it can be made, and is written otherwise than the recipe has it. */
    public function isOtherwise(): bool
    {
        return $this->missing === [] && $this->otherwise;
    }

    /** Slug of what it stands in for; null where it is as written. */
    public function for(string $slug): ?string
    {
        foreach ($this->instead as $for => $instead) {
            if ($instead->with === $slug) {
                return $for;
            }
        }

        return null;
    }
}
