<?php

declare(strict_types=1);

namespace IdleMixer\Core\Weather;

use IdleMixer\Core\Ingredient\Substance;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * What weather a spray wants: what each thing in it wants, where there is enough of it to count.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type WantRow array{leaf: bool, from: SourcedRow, hot: SourcedRow, warm: SourcedRow, cold: SourcedRow, cool: SourcedRow, dry: SourcedRow, safe: SourcedRow, light: SourcedRow, frost: SourcedRow, mild: SourcedRow}
 */
final readonly class SprayWants
{
    private const WOOD = 'wood';

    private const SOIL = 'soil';

    private const NOTHING = 'water';

    /** @param array<string, WantRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, WantRow> $rows */
        $rows = require __DIR__ . '/../../data/spray-hours.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    public function of(Mixture $mixture, RecipeUse $use): Spray
    {
        $whats = match ($use) {
            RecipeUse::Dormant => [self::WOOD],
            RecipeUse::Drench => [self::SOIL],
            default => $this->counted($mixture),
        };

        return new Spray($use, array_map($this->want(...), $whats === [] ? [self::NOTHING] : $whats));
    }

    /** @return list<string> */
    private function counted(Mixture $mixture): array
    {
        $strengths = Strengths::of($mixture);
        $whats = [];
        foreach ($mixture->parts as $part) {
            $substance = $part->ingredient->substance;
            $what = $substance->word();
            $alike = array_values(array_filter(Substance::cases(), static fn(Substance $one): bool => $one->word() === $what));
            if (isset($this->rows[$what]) && ! in_array($what, $whats, true) && ($substance->group() === null || $strengths->percent(...$alike) >= $this->rows[$what]['from']['value'])) {
                $whats[] = $what;
            }
        }

        return $whats;
    }

    private function want(string $what): Want
    {
        $row = $this->rows[$what];
        $sources = $this->sources;

        return new Want(
            $what,
            $row['leaf'],
            Sourced::fromRow($row['hot'], $sources),
            Sourced::fromRow($row['warm'], $sources),
            Sourced::fromRow($row['cold'], $sources),
            Sourced::fromRow($row['cool'], $sources),
            Sourced::fromRow($row['dry'], $sources),
            Sourced::fromRow($row['safe'], $sources),
            Sourced::fromRow($row['light'], $sources),
            Sourced::fromRow($row['frost'], $sources),
            Sourced::fromRow($row['mild'], $sources),
        );
    }
}
