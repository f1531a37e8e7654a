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

    /**
     * @param array<string, PracticeRow>          $practice by slug, in the order in which recipes are offered
     * @param array<string, array<string, mixed>> $recipes  open documents, by slug
     */
    public function __construct(private array $practice, private array $recipes, private RecipeReader $reader) {}

    public static function shipped(?IngredientCatalogue $ingredients = null): self
    {
        $sprays = Things::of('sprays');
        /** @var array<string, PracticeRow> $practice */
        $practice = $sprays->column('practice');
        /** @var array<string, array<string, mixed>> $recipes */
        $recipes = $sprays->column('recipe');

        return new self($practice, $recipes, new RecipeReader($ingredients ?? IngredientCatalogue::shipped()));
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->practice);
    }

    /** @throws UnknownRecipe when there is none of that slug */
    public function get(string $slug): Recipe
    {
        $this->refuseUnknown($slug);

        return $this->reader->read(JsonText::parse($this->document($slug)));
    }

    /**
     * @return string JSON, as it is handed out
     *
     * @throws UnknownRecipe when there is none of that slug
     */
    public function document(string $slug): string
    {
        $this->refuseUnknown($slug);

        return json_encode($this->recipes[$slug], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws UnknownRecipe when there is none of that slug */
    public function practice(string $slug): Practice
    {
        $this->refuseUnknown($slug);
        $row = $this->practice[$slug];

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
        return isset($this->practice[$slug]);
    }

    /** Days from one round to the next; null where it is done once. For a recipe that is not shipped, a week. */
    public function repeatDays(string $slug): ?int
    {
        return isset($this->practice[$slug]) ? $this->practice[$slug]['repeat_days'] : self::USUAL_REPEAT_DAYS;
    }

    private function refuseUnknown(string $slug): void
    {
        if (! $this->has($slug)) {
            throw UnknownRecipe::becauseNotShipped($slug, $this->slugs());
        }
    }
}
