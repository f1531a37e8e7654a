<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * The plant tolerance classes that a plan request may name.
 *
 * @phpstan-import-type SourcedRow from Sourced
 *
 * @phpstan-type ToleranceRow array{name: string, surface: string, oil_limit?: SourcedRow, soap_limit?: SourcedRow, alcohol_limit?: SourcedRow, looks_like: string, wilts_by_alcohol?: bool, has_bloom?: bool, wounded?: bool}
 */
final readonly class ToleranceCatalogue
{
    /** @param array<string, ToleranceRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, ToleranceRow> $rows */
        $rows = require __DIR__ . '/../../data/tolerance.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /** What a wounded leaf bears, whatever kind of leaf it is. */
    public function wounded(): ToleranceClass
    {
        foreach ($this->rows as $slug => $row) {
            if ($row['wounded'] ?? false) {
                return $this->get($slug);
            }
        }

        throw UnknownTolerance::becauseNotListed('wounded', $this->slugs());
    }

    /** @throws UnknownTolerance when there is none of that slug */
    public function get(string $slug): ToleranceClass
    {
        $row = $this->rows[$slug] ?? throw UnknownTolerance::becauseNotListed($slug, $this->slugs());

        return new ToleranceClass(
            $slug,
            $row['name'],
            Surface::from($row['surface']),
            isset($row['oil_limit']) ? Sourced::fromRow($row['oil_limit'], $this->sources) : null,
            isset($row['soap_limit']) ? Sourced::fromRow($row['soap_limit'], $this->sources) : null,
            isset($row['alcohol_limit']) ? Sourced::fromRow($row['alcohol_limit'], $this->sources) : null,
            $row['looks_like'],
            $row['wilts_by_alcohol'] ?? false,
            $row['has_bloom'] ?? false,
        );
    }
}
