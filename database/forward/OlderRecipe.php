<?php

declare(strict_types=1);

namespace Database\Forward;

use IdleMixer\Core\Ingredient\IngredientCatalogue;

/** The lines of a recipe as a plan lists them: every ingredient by itself, and which stock of the recipe brings it. */
final readonly class OlderRecipe
{
    public function __construct(private IngredientCatalogue $ingredients) {}

    /** @return list<array{slug: string, strength: float|null, stock: int|null}> */
    public function leaves(mixed $recipe): array
    {
        $leaves = [];
        $stocks = 0;
        foreach (Older::list(Older::at($recipe, 'lines')) as $line) {
            $stock = Older::at($line, 'stock');
            if ($stock === null) {
                $leaves[] = $this->leaf($line, null);
                continue;
            }
            foreach ($this->leaves($stock) as $inner) {
                $leaves[] = [...$inner, 'stock' => $stocks];
            }
            ++$stocks;
        }

        return $leaves;
    }

    /** @return array{slug: string, strength: float|null, stock: int|null} */
    private function leaf(mixed $line, ?int $stock): array
    {
        $slug = Older::text(Older::at($line, 'ingredient'));
        $ingredient = $this->ingredients->get($slug);
        $said = Older::at($line, 'strength');
        $strength = $said === null ? $ingredient->defaultStrength?->value : Older::number($said);

        return ['slug' => $slug, 'strength' => $ingredient->substance->hasStrength() ? $strength : null, 'stock' => $stock];
    }
}
