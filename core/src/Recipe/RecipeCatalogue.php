<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Data\RecipeLines;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;

/**
 * The shipped recipes: one open document a file, and what practice says about each.
 *
 * @phpstan-type PracticeRow array{ways: list<string>, work: int, for: list<string>, repeat_days: int|null, repeat: string, waits: list<array{string, int, int}>, source: string, only_where_nothing_grows?: bool, rinsed?: bool, half_for?: list<string>}
 */
final readonly class RecipeCatalogue
{
    /** Between rounds of a recipe that nobody said more of: our own choice, the interval met most often in practice. */
    private const USUAL_REPEAT_DAYS = RecipeLines::USUAL_REPEAT['value'];

    /** @param array<string, PracticeRow> $practice by slug, in the order in which recipes are offered */
    public function __construct(private array $practice, private string $folder, private RecipeReader $reader) {}

    public static function shipped(?IngredientCatalogue $ingredients = null): self
    {
        /** @var array<string, PracticeRow> $practice */
        $practice = require __DIR__ . '/../../data/recipe-practice.php';

        return new self($practice, __DIR__ . '/../../data/recipes', new RecipeReader($ingredients ?? IngredientCatalogue::shipped()));
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

        return $this->reader->read(JsonText::parse((string) file_get_contents("{$this->folder}/{$slug}.json")));
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
