<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Input\AnotherBottleInput;
use App\Records\ShelfBook;
use IdleMixer\Core\Cupboard\AnotherBottle;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Instead;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Wording\Figures;
use IdleMixer\Core\Wording\StandInWords;
use IdleMixer\Core\Words\Say;

/** Says what one thing of a recipe may be answered by. */
final readonly class AnotherBottleAnswers
{
    public function __construct(private AnotherBottle $bottles, private IngredientCatalogue $ingredients, private ShelfBook $shelf) {}

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
            $made === null && ($said->percent !== null || $said->with !== null) ? Say::it('answers/another-bottle.cannot', ['what' => $is->name]) : '',
            $made === null ? null : $this->kept($said),
            $insteads,
            $insteads === [] ? Say::it('answers/another-bottle.none', ['what' => $is->name]) : '',
        );
    }

    private function kept(AnotherBottleInput $said): ?KeptBottleAnswer
    {
        $slug = $said->with ?? $said->ingredient;
        $name = $this->ingredients->get($slug)->name;

        return AnotherBottle::isNew($this->shelf->cupboard(), $slug, $said->percent)
            ? new KeptBottleAnswer($said->percent === null ? $name : Say::it('answers/another-bottle.called', ['what' => $name, 'percent' => Figures::short($said->percent)]), $slug, $said->percent)
            : null;
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
