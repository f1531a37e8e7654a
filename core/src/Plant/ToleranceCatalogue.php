<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plant;

/**
 * The plant tolerance classes that a plan request may name.
 *
 * @phpstan-type ToleranceRow array{name: string, surface: string, limits: string, looks_like: string, wilts_by_alcohol?: bool, has_bloom?: bool, wounded?: bool, bears_no_oil?: bool, bare?: bool, planted?: bool, empty?: bool, thin?: bool, formerly?: list<string>}
 */
final readonly class ToleranceCatalogue
{
    /** @param array<string, ToleranceRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, ToleranceRow> $rows */
        $rows = require __DIR__ . '/../../data/tolerance.php';

        return new self($rows);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /** @return list<string> those that older documents name, too */
    public function known(): array
    {
        return array_values(array_unique([...$this->slugs(), ...array_merge(...array_map(static fn(array $row): array => $row['formerly'] ?? [], array_values($this->rows)))]));
    }

    /** Soil with roots in it. */
    public function plantedSoil(): ToleranceClass
    {
        return $this->marked('planted');
    }

    /** Soil with nothing growing in it. */
    public function emptyBed(): ToleranceClass
    {
        return $this->marked('empty');
    }

    /** What a wounded leaf bears, whatever kind of leaf it is. */
    public function wounded(): ToleranceClass
    {
        return $this->marked('wounded');
    }

    /** Wood with no leaf on it. */
    public function bareWood(): ToleranceClass
    {
        return $this->marked('bare');
    }

    /** @param 'wounded'|'bare'|'empty'|'planted' $mark */
    private function marked(string $mark): ToleranceClass
    {
        foreach ($this->rows as $slug => $row) {
            if ($row[$mark] ?? false) {
                return $this->get($slug);
            }
        }

        throw UnknownTolerance::becauseNotListed($mark, $this->slugs());
    }

    /** @throws UnknownTolerance when there is none of that slug */
    public function get(string $slug): ToleranceClass
    {
        $slug = $this->now($slug);
        $row = $this->rows[$slug] ?? throw UnknownTolerance::becauseNotListed($slug, $this->slugs());

        return new ToleranceClass(
            $slug,
            $row['name'],
            Surface::from($row['surface']),
            $row['limits'],
            $row['looks_like'],
            $row['wilts_by_alcohol'] ?? false,
            $row['has_bloom'] ?? false,
            $row['bears_no_oil'] ?? false,
            $row['planted'] ?? false,
            $row['thin'] ?? false,
        );
    }

    /** What a class of older documents is called now. */
    private function now(string $slug): string
    {
        foreach ($this->rows as $now => $row) {
            if (in_array($slug, $row['formerly'] ?? [], true)) {
                return $now;
            }
        }

        return $slug;
    }
}
