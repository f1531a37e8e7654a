<?php

declare(strict_types=1);

namespace App\Http\Input;

use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Words\Say;

/** A recipe, one thing in it, and of that either the strength of another bottle, or what goes in instead, or neither. */
final readonly class AnotherBottleInput
{
    private function __construct(public Recipe $recipe, public string $ingredient, public ?float $percent, public ?string $with) {}

    /** @throws InvalidDocument when something of it is none, or both are said */
    public static function read(Node $node, RecipeReader $recipes, IngredientCatalogue $ingredients): self
    {
        $object = $node->object(['recipe', 'ingredient', 'percent', 'with']);
        $slug = $object->get('ingredient')->word($ingredients->slugs(), 'ingredient');
        $percent = $object->filled('percent');
        $with = $object->filled('with');
        if ($percent !== null && $with !== null) {
            throw $with->fault(Say::it('input/another-bottle.one-of-both'));
        }
        if ($percent !== null && ! $ingredients->get($slug)->substance->hasStrength()) {
            throw $percent->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $ingredients->get($slug)->name]));
        }

        return new self($recipes->read($object->get('recipe')), $slug, $percent?->positive(100.0), $with?->word($ingredients->slugs(), 'ingredient'));
    }
}
