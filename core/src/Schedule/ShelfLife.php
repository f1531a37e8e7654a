<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * How long a mixed spray keeps, by what is in it; what keeps worst decides.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type HoldingRow array{strict: SourcedRow, patient: SourcedRow, spoils_stock: bool}
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

    /** The shortest of what is in the mixture, by each school for itself. */
    public function of(Mixture $mixture, RecipeUse $use): HoldingRule
    {
        $codes = [$use === RecipeUse::Stock ? 'stock' : 'other'];
        foreach ($mixture->parts as $part) {
            $codes[] = $this->codeOf($part->ingredient->substance, $use);
        }
        $rules = array_map($this->rule(...), array_values(array_unique($codes)));
        $shortest = static fn(Sourced $a, Sourced $b): int => $a->value <=> $b->value;
        $strict = array_map(static fn(HoldingRule $rule): Sourced => $rule->strict, $rules);
        $patient = array_map(static fn(HoldingRule $rule): Sourced => $rule->patient, $rules);
        usort($strict, $shortest);
        usort($patient, $shortest);

        return new HoldingRule($strict[0], $patient[0]);
    }

    private function codeOf(Substance $kind, RecipeUse $use): string
    {
        $own = $this->rows[$kind->value] ?? null;

        return match (true) {
            $own !== null && ($use !== RecipeUse::Stock || $own['spoils_stock']) => $kind->value,
            $use === RecipeUse::Stock => 'stock',
            $kind->isOil() => 'oil',
            default => 'other',
        };
    }

    private function rule(string $code): HoldingRule
    {
        return new HoldingRule(
            Sourced::fromRow($this->rows[$code]['strict'], $this->sources),
            Sourced::fromRow($this->rows[$code]['patient'], $this->sources),
        );
    }
}
