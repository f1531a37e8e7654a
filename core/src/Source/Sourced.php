<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

/**
 * A number with where it comes from: `source` is a key of `core/data/sources.php`.
 *
 * @phpstan-type SourcedRow array{value: int|float, unit: string, source: string}
 */
final readonly class Sourced
{
    private function __construct(
        public float $value,
        public string $unit,
        public string $source,
        public Standing $standing,
    ) {}

    /**
     * @param SourcedRow $row
     *
     * @throws UnknownSource when the catalogue of sources has no such key
     */
    public static function fromRow(array $row, SourceCatalogue $sources): self
    {
        return new self((float) $row['value'], $row['unit'], $row['source'], $sources->get($row['source'])->standing);
    }
}
