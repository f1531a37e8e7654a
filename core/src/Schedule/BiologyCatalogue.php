<?php

declare(strict_types=1);

namespace IdleMixer\Core\Schedule;

use IdleMixer\Core\Catalogue\Things;

/**
 * How fast each pest develops.
 *
 * @phpstan-type BiologyRow array{threshold: float, hatch: array{float, float}|null, adult: float, longest: float, source: string, cover?: float, rests?: bool, still?: float, every?: int, rounds?: int, proven_by_season?: bool, best?: float, most?: float}
 */
final readonly class BiologyCatalogue
{
    /** @param array<string, BiologyRow> $rows by trouble */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, BiologyRow> $rows */
        $rows = Things::of('troubles')->column('biology');

        return new self($rows);
    }

    /** Null for what lays no eggs and grows no young, or of which nothing is known. */
    public function of(string $trouble): ?Biology
    {
        $row = $this->rows[$trouble] ?? null;

        return $row === null ? null : new Biology($row['threshold'], $row['hatch'][0] ?? null, $row['hatch'][1] ?? null, $row['adult'], $row['longest'], $row['source'], $row['cover'] ?? null, $row['rests'] ?? false, $row['still'] ?? null, $row['every'] ?? null, $row['rounds'] ?? null, $row['proven_by_season'] ?? false, $row['best'] ?? null, $row['most'] ?? null);
    }

    /** @return list<string> */
    public function troubles(): array
    {
        return array_keys($this->rows);
    }
}
