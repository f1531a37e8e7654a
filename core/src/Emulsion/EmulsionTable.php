<?php

declare(strict_types=1);

namespace IdleMixer\Core\Emulsion;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * The numbers of the emulsion model, each with its source.
 *
 * @phpstan-import-type SourcedRow from Sourced
 */
final readonly class EmulsionTable
{
    /** @param array<string, SourcedRow> $rows */
    public function __construct(
        private array $rows,
        private SourceCatalogue $sources,
        private IngredientCatalogue $ingredients,
    ) {}

    public static function shipped(): self
    {
        /** @var array<string, SourcedRow> $rows */
        $rows = require __DIR__ . '/../../data/emulsion.php';

        return new self($rows, SourceCatalogue::shipped(), IngredientCatalogue::shipped());
    }

    /** What is added where there is none. */
    public function usualEmulsifier(): Ingredient
    {
        return $this->ingredients->get($this->ingredients->usualEmulsifier());
    }

    /** @throws UnknownFigure when there is none of that name */
    public function value(string $name): float
    {
        return (float) ($this->rows[$name] ?? throw UnknownFigure::becauseNotListed($name))['value'];
    }

    /** @throws UnknownFigure when there is none of that name */
    public function get(string $name): Sourced
    {
        return Sourced::fromRow($this->rows[$name] ?? throw UnknownFigure::becauseNotListed($name), $this->sources);
    }
}
