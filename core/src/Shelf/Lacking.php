<?php

declare(strict_types=1);

namespace IdleMixer\Core\Shelf;

use IdleMixer\Core\Recipe\Recipe;

/** A spray that would do, and what is not there for it. */
final readonly class Lacking
{
    /** @param non-empty-list<string> $slugs of the ingredients */
    public function __construct(public Recipe $recipe, public array $slugs) {}
}
