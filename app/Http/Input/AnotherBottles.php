<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Recipe\RecipeReader;

/** Reads what is said of one thing of a recipe, by what is known of recipes and ingredients. */
final readonly class AnotherBottles
{
    public function __construct(private RecipeReader $recipes, private IngredientCatalogue $ingredients) {}

    /** @throws InvalidDocument when something of it is none, or both are said */
    public function read(Node $node): AnotherBottleInput
    {
        return AnotherBottleInput::read($node, $this->recipes, $this->ingredients);
    }
}
