<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\AnotherBottleInput;
use IdleMixer\Core\Cupboard\AnotherBottle;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Wording\StandInWords;
use IdleMixer\Core\Words\Say;

/** Says what one thing of a recipe may be answered by. */
final readonly class AnotherBottleAnswers
{
    public function __construct(private AnotherBottle $bottles, private IngredientCatalogue $ingredients) {}

    public function of(AnotherBottleInput $said): AnotherBottleAnswer
    {
        $is = $this->ingredients->get($said->ingredient);
        $insteads = array_map(fn(Instead $one): StandInAnswer => new StandInAnswer($one->with, $this->ingredients->get($one->with)->name, StandInWords::cost($one->cost)), $this->bottles->insteads($said->recipe, $said->ingredient));
        $made = match (true) {
            $said->percent !== null => $this->bottles->ofStrength($said->recipe, $said->ingredient, $said->percent),
            $said->with !== null => $this->bottles->instead($said->recipe, $said->ingredient, $said->with),
            default => null,
        };

        return new AnotherBottleAnswer(
            $is->name,
            self::percent($said->recipe, $said->ingredient),
            $made === null ? null : RecipeWriter::write($made),
            $insteads,
            $insteads === [] ? Say::it('answers/another-bottle.none', ['what' => $is->name]) : '',
        );
    }

    private static function percent(Recipe $recipe, string $slug): ?float
    {
        foreach ($recipe->lines as $line) {
            $percent = $line->stock !== null ? self::percent($line->stock, $slug) : ($line->ingredient?->slug === $slug ? $line->strength : null);
            if ($percent !== null) {
                return $percent;
            }
        }

        return null;
    }
}
