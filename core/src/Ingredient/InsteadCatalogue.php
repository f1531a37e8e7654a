<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ingredient;

use IdleMixer\Core\Catalogue\Things;

/**
 * What may stand in for what, the best first. Common practice, no source.
 *
 * @phpstan-type InsteadRow array{with: string, times: float, cost: string}
 */
final readonly class InsteadCatalogue
{
    /** @param array<string, list<InsteadRow>> $rows by slug of what is not there */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, list<InsteadRow>> $rows */
        $rows = Things::of('ingredients')->column('stand_ins');

        return new self($rows);
    }

    /** The same as if this alone might stand in, and for that alone. */
    public function only(string $slug, string $with): self
    {
        return new self([$slug => array_values(array_filter($this->rows[$slug] ?? [], static fn(array $row): bool => $row['with'] === $with))]);
    }

    /** @return list<Instead> the best first; none where nothing does */
    public function of(string $slug): array
    {
        return array_map(static fn(array $row): Instead => new Instead($row['with'], $row['times'], $row['cost']), $this->rows[$slug] ?? []);
    }
}
