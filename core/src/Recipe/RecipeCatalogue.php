<?php

declare(strict_types=1);

namespace IdleMixer\Core\Recipe;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Method\Method;
use IdleMixer\Core\Method\MethodReader;
use IdleMixer\Core\Method\MethodRows;

/**
 * The shipped recipes: one a file, an open document with what practice says about it.
 *
 * @phpstan-type PracticeRow array{ways: list<string>, work: int, waits: list<array{string, int, int}>, source: string, only_where_nothing_grows?: bool, half_for?: list<string>}
 */
final class RecipeCatalogue
{
    /** Which shipped method a recipe of one's own is used like: data. */
    private const LIKENESS = __DIR__ . '/../../data/likeness.php';

    /** @var array<string, Recipe> that were read, by slug: a recipe never changes, and is asked for many times */
    private array $read = [];

    /** @var array<string, Method> the same of how they are used */
    private array $methods = [];

    public function __construct(private readonly Things $sprays, private readonly RecipeReader $reader) {}

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
        return $this->read[$slug] ??= $this->reader->read(JsonText::parse($this->document($slug)));
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

        return new Practice($row['ways'], $row['work'], $row['waits'], $row['source'], $this->method($slug), $row['only_where_nothing_grows'] ?? false, $row['half_for'] ?? []);
    }

    /** @throws UnknownRecipe when there is none of that slug */
    public function method(string $slug): Method
    {
        return $this->methods[$slug] ??= MethodRows::read($this->row($slug)['method']);
    }

    /**
     * How any recipe is used: as its document says, and where that says nothing as it is shipped, or as what it is most like.
     *
     * @throws InvalidDocument when its method says something that no method may
     */
    public function methodOf(Recipe $recipe): Method
    {
        $known = $this->has($recipe->slug) ? $this->method($recipe->slug) : $this->method($this->likest($recipe))->proposed();

        return $recipe->method === null ? $known : MethodReader::read($recipe->method, $known);
    }

    /**
     * What is known of any recipe: of one's own what it works by is read from what is in it.
     *
     * @throws InvalidDocument when its method says something that no method may
     */
    public function practiceOf(Recipe $recipe): Practice
    {
        $known = $this->practice($this->has($recipe->slug) ? $recipe->slug : $this->likest($recipe));

        $ways = $this->ways($recipe);

        return $this->has($recipe->slug) && $recipe->method === null ? $known : new Practice($ways === [] ? $known->ways : $ways, $known->work, $known->waits, $known->source, $this->methodOf($recipe), $known->onlyWhereNothingGrows, $known->halfFor);
    }

    /** @return list<string> how a recipe of one's own works, by what is in it, the main way first */
    private function ways(Recipe $recipe): array
    {
        if ($this->has($recipe->slug)) {
            return [];
        }
        /** @var array{ways: array<string, string>} $likeness */
        $likeness = require self::LIKENESS;
        $substances = array_map(static fn(Substance $one): string => $one->value, $recipe->substances());

        return array_values(array_unique(array_intersect_key($likeness['ways'], array_flip($substances))));
    }

    /** Slug of the shipped spray that a recipe of one's own is most like. */
    private function likest(Recipe $recipe): string
    {
        /** @var array{uses: array<string, string>, substances: array<string, string>, otherwise: string} $likeness */
        $likeness = require self::LIKENESS;
        $substances = array_map(static fn(Substance $one): string => $one->value, $recipe->substances());
        foreach ($likeness['substances'] as $substance => $slug) {
            if (in_array($substance, $substances, true)) {
                return $likeness['uses'][$recipe->use->value] ?? $slug;
            }
        }

        return $likeness['uses'][$recipe->use->value] ?? $likeness['otherwise'];
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

    /**
     * @return array{recipe: array<string, mixed>, practice: PracticeRow, method: array<string, mixed>}
     *
     * @throws UnknownRecipe when there is none of that slug
     */
    private function row(string $slug): array
    {
        /** @var array{recipe: array<string, mixed>, practice: PracticeRow, method: array<string, mixed>}|null $row */
        $row = $this->sprays->row($slug);

        return $row ?? throw UnknownRecipe::becauseNotShipped($slug, $this->slugs());
    }
}
