<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Ingredient\IngredientKind;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * How long a mixed spray keeps, by what is in it; what keeps worst decides.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type HoldingRow array{strict: SourcedRow, patient: SourcedRow}
 */
final readonly class ShelfLife
{
    /** @param array<string, HoldingRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, HoldingRow> $rows */
        $rows = require __DIR__ . '/../../data/shelf-life.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /** The rule of whatever in the mixture keeps the shortest by the strictest school. */
    public function of(Mixture $mixture, RecipeUse $use): HoldingRule
    {
        $codes = [];
        foreach ($mixture->parts as $part) {
            $codes[] = $this->codeOf($part->ingredient->slug, $part->ingredient->kind, $use);
        }
        $rules = array_map($this->rule(...), $codes === [] ? ['other'] : array_values(array_unique($codes)));
        usort($rules, static fn(HoldingRule $a, HoldingRule $b): int => $a->strict->value <=> $b->strict->value);

        return $rules[0];
    }

    private function codeOf(string $slug, IngredientKind $kind, RecipeUse $use): string
    {
        return match (true) {
            $kind === IngredientKind::Egg => 'egg',
            $slug === 'neem-oil' => 'neem',
            $use === RecipeUse::Stock => 'stock',
            $kind === IngredientKind::EssentialOil => 'essential',
            $kind === IngredientKind::Oil => 'oil',
            default => 'other',
        };
    }

    private function rule(string $code): HoldingRule
    {
        return new HoldingRule(
            $code,
            Sourced::fromRow($this->rows[$code]['strict'], $this->sources),
            Sourced::fromRow($this->rows[$code]['patient'], $this->sources),
        );
    }
}
