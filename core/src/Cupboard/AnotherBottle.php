<?php

declare(strict_types=1);

namespace IdleMixer\Core\Cupboard;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Ingredient\InsteadCatalogue;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;

/** One word of a recipe answered by one tap: my bottle is another, or something else goes in for it. All else is taken to be there. */
final readonly class AnotherBottle
{
    public function __construct(private FromCupboard $cupboards, private InsteadCatalogue $insteads, private IngredientCatalogue $ingredients, private RecipeCatalogue $shipped) {}

    public static function shipped(): self
    {
        return new self(FromCupboard::shipped(), InsteadCatalogue::shipped(), IngredientCatalogue::shipped(), RecipeCatalogue::shipped());
    }

    /**
     * As strong as it was, from a bottle of another strength.
     *
     * @param float $percent v/v on that bottle, above 0
     *
     * @return Recipe|null null where no water is left that so weak a bottle has room in, or it is not in the recipe
     */
    public function ofStrength(Recipe $recipe, string $slug, float $percent): ?Recipe
    {
        return $this->from($this->cupboards, $recipe, $slug, array_map(static fn(Bottle $one): Bottle => $one->holds->slug === $slug ? new Bottle($one->holds, null, $percent) : $one, self::bottles($recipe)));
    }

    /** @return list<Instead> what may stand in for it in this recipe, the best first; none where it is what the spray works by */
    public function insteads(Recipe $recipe, string $slug): array
    {
        return array_values(array_filter($this->insteads->of($slug), fn(Instead $one): bool => $this->instead($recipe, $slug, $one->with) !== null));
    }

    /** @return Recipe|null null where the one does not stand in for the other in this recipe */
    public function instead(Recipe $recipe, string $slug, string $with): ?Recipe
    {
        $others = array_values(array_filter(self::bottles($recipe), static fn(Bottle $one): bool => $one->holds->slug !== $slug));

        return $this->from(new FromCupboard($this->insteads->only($slug, $with), $this->ingredients), $recipe, $slug, [...$others, new Bottle($this->ingredients->get($with))]);
    }

    /**
     * Whether the bottle goes on the shelf, too: where a shelf is kept and has none like it. On an empty one it would say that all else is
     * missing.
     *
     * @param float|null $percent v/v on it; null where nobody said
     */
    public static function isNew(?Cupboard $shelf, string $slug, ?float $percent): bool
    {
        return $shelf !== null && $shelf->bottles !== [] && array_filter($shelf->bottles, static fn(Bottle $one): bool => $one->holds->slug === $slug && ($percent === null || $one->strength === $percent)) === [];
    }

    /** @param list<Bottle> $bottles */
    private function from(FromCupboard $cupboards, Recipe $recipe, string $slug, array $bottles): ?Recipe
    {
        $stocked = $cupboards->of($recipe, $this->shipped->practiceOf($recipe), new Cupboard($bottles));
        $isThere = array_filter(self::bottles($recipe), static fn(Bottle $one): bool => $one->holds->slug === $slug) !== [];

        return $isThere && $stocked->missing === [] ? $stocked->recipe : null;
    }

    /** @return list<Bottle> one for each line, within stocks too, as the recipe has it */
    private static function bottles(Recipe $recipe): array
    {
        $all = [];
        foreach ($recipe->lines as $line) {
            if ($line->stock !== null) {
                array_push($all, ...self::bottles($line->stock));
            } elseif ($line->ingredient instanceof Ingredient) {
                $all[] = new Bottle($line->ingredient, null, $line->strength);
            }
        }

        return $all;
    }
}
