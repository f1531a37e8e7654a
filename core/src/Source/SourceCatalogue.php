<?php

declare(strict_types=1);

namespace IdleMixer\Core\Source;

/**
 * The list of everything the numbers of the product come from.
 *
 * @phpstan-type SourceRow array{citation: string, standing: string, from_memory: bool}
 */
final readonly class SourceCatalogue
{
    /** @param array<string, SourceRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, SourceRow> $rows */
        $rows = require __DIR__ . '/../../data/sources.php';

        return new self($rows);
    }

    /** @param array<string, SourceRow> $rows that go before what stands here under the same keys */
    public function with(array $rows): self
    {
        return new self([...$this->rows, ...$rows]);
    }

    /** @throws UnknownSource when the key is not listed */
    public function get(string $key): Source
    {
        $row = $this->rows[$key] ?? throw UnknownSource::becauseNotListed($key);

        return new Source($key, $row['citation'], Standing::from($row['standing']), $row['from_memory']);
    }

    /**
     * The rows of these, to be written down beside numbers that come from them.
     *
     * @return array<string, SourceRow>
     */
    public function rows(string ...$keys): array
    {
        return array_intersect_key($this->rows, array_flip($keys));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->rows);
    }
}
