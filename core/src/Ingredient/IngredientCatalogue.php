<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Catalogue\Things;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/**
 * The ingredients the product knows.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type IngredientRow array{name?: string, substance: string, density: SourcedRow, strength?: SourcedRow, piece?: SourcedRow, usual_emulsifier?: bool, active?: SourcedRow, critical?: SourcedRow, tension?: SourcedRow, density_by_strength?: array{source: string, points: non-empty-array<int, float>}, soaked?: bool}
 */
final class IngredientCatalogue
{
    /** @var array<string, Ingredient> */
    private array $built = [];

    /** @param array<string, IngredientRow> $rows */
    public function __construct(private readonly array $rows, private readonly SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, IngredientRow> $rows */
        $rows = Things::of('ingredients')->rows();

        return new self($rows, SourceCatalogue::shipped());
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /** Slug of what is added where a recipe names no emulsifier of its own. */
    public function usualEmulsifier(): string
    {
        foreach ($this->rows as $slug => $row) {
            if ($row['usual_emulsifier'] ?? false) {
                return $slug;
            }
        }

        throw UnknownIngredient::becauseNotListed(Say::it('ingredient/ingredient-catalogue.usual-emulsifier'), $this->slugs());
    }

    /** @throws UnknownIngredient when there is none of that slug */
    public function get(string $slug): Ingredient
    {
        return $this->built[$slug] ??= $this->build($slug);
    }

    /** What it is called here; a catalogue that is given its rows may say so itself. */
    /** @return list<string> slugs, those first that stand in most houses */
    public function asInHouses(): array
    {
        /** @var list<string> $first */
        $first = require __DIR__ . '/../../data/in-most-houses.php';

        return [...array_values(array_intersect($first, $this->slugs())), ...array_values(array_diff($this->slugs(), $first))];
    }

    /** What people call it besides; empty where its name is what everybody says. */
    public static function also(string $slug): string
    {
        $also = Things::of('ingredients')->wordsOf($slug)['also'] ?? '';

        return is_string($also) ? $also : throw MissingWords::becauseOf("ingredients/{$slug}");
    }

    private static function name(string $slug): string
    {
        $name = Things::of('ingredients')->wordsOf($slug)['name'] ?? null;

        return is_string($name) ? $name : throw MissingWords::becauseOf("ingredients/{$slug}");
    }

    private function build(string $slug): Ingredient
    {
        $row = $this->rows[$slug] ?? throw UnknownIngredient::becauseNotListed($slug, $this->slugs());

        return new Ingredient(
            $slug,
            $row['name'] ?? self::name($slug),
            Substance::from($row['substance']),
            Sourced::fromRow($row['density'], $this->sources),
            isset($row['strength']) ? Sourced::fromRow($row['strength'], $this->sources) : null,
            isset($row['piece']) ? Sourced::fromRow($row['piece'], $this->sources) : null,
            isset($row['active'], $row['critical']) ? new Emulsifying(Sourced::fromRow($row['active'], $this->sources), Sourced::fromRow($row['critical'], $this->sources)) : null,
            isset($row['tension']) ? Sourced::fromRow($row['tension'], $this->sources) : null,
            isset($row['density_by_strength']) ? new DensityByStrength($row['density_by_strength']['points'], $row['density_by_strength']['source'], $this->sources) : null,
            $row['soaked'] ?? false,
        );
    }
}
