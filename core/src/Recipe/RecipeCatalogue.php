<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Data\RecipeLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;

/**
 * The shipped recipes: one a file, an open document with what practice says about it.
 *
 * @phpstan-type PracticeRow array{ways: list<string>, work: int, for: list<string>, repeat_days: int|null, repeat: string, waits: list<array{string, int, int}>, source: string, only_where_nothing_grows?: bool, rinsed?: bool, half_for?: list<string>}
 */
final readonly class RecipeCatalogue
{
    /** Between rounds of a recipe that nobody said more of: our own choice, the interval met most often in practice. */
    private const USUAL_REPEAT_DAYS = RecipeLines::USUAL_REPEAT['value'];

    public function __construct(private Things $sprays, private RecipeReader $reader) {}

    public static function shipped(?IngredientCatalogue $ingredients = null): self
    {
        return new self(Things::of('sprays'), new RecipeReader($ingredients ?? IngredientCatalogue::shipped()));
    }

    /** @return list<string> in the order in which they are offered */
    public function slugs(): array
    {
        return array_keys($this->sprays->rows());
    }

    /** @throws UnknownRecipe when there is none of that slug */
    public function get(string $slug): Recipe
    {
        return $this->reader->read(JsonText::parse($this->document($slug)));
    }

    /**
     * @return string JSON, as it is handed out
     *
     * @throws UnknownRecipe when there is none of that slug
     */
    public function document(string $slug): string
    {
        return json_encode($this->row($slug)['recipe'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws UnknownRecipe when there is none of that slug */
    public function practice(string $slug): Practice
    {
        $row = $this->row($slug)['practice'];

        return new Practice($row['ways'], $row['work'], $row['for'], $row['repeat_days'], $row['repeat'], $row['waits'], $row['source'], $row['only_where_nothing_grows'] ?? false, $row['rinsed'] ?? false, $row['half_for'] ?? []);
    }

    /** @return list<Recipe> the stocks that shipped recipes are made from, each once */
    public function stocks(): array
    {
        $all = [];
        foreach ($this->slugs() as $slug) {
            foreach ($this->get($slug)->stocks() as $stock) {
                $all[$stock->slug] ??= $stock;
            }
        }

        return array_values($all);
    }

    public function has(string $slug): bool
    {
        return $this->sprays->row($slug) !== null;
    }

    /** Days from one round to the next; null where it is done once. For a recipe that is not shipped, a week. */
    public function repeatDays(string $slug): ?int
    {
        return $this->has($slug) ? $this->row($slug)['practice']['repeat_days'] : self::USUAL_REPEAT_DAYS;
    }

    /**
     * @return array{recipe: array<string, mixed>, practice: PracticeRow}
     *
     * @throws UnknownRecipe when there is none of that slug
     */
    private function row(string $slug): array
    {
        /** @var array{recipe: array<string, mixed>, practice: PracticeRow}|null $row */
        $row = $this->sprays->row($slug);

        return $row ?? throw UnknownRecipe::becauseNotShipped($slug, $this->slugs());
    }
}
