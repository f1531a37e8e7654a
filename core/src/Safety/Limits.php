<?php

declare(strict_types=1);

namespace IdleMixer\Core\Safety;

use IdleMixer\Core\Source\SourceCatalogue;
use IdleMixer\Core\Source\Sourced;

/**
 * The limits that decide, each with its source.
 *
 * @phpstan-import-type SourcedRow from Sourced
 */
final readonly class Limits
{
    /** @param array<string, SourcedRow> $rows */
    public function __construct(private array $rows, private SourceCatalogue $sources) {}

    public static function shipped(): self
    {
        /** @var array<string, SourcedRow> $rows */
        $rows = require __DIR__ . '/../../data/limits.php';

        return new self($rows, SourceCatalogue::shipped());
    }

    /** @return array<string, SourcedRow> by code */
    public function rows(): array
    {
        return $this->rows;
    }

    /**
     * @param string $column what it goes onto
     * @param string $bed    column of an empty bed
     *
     * @return array<string, SourcedRow> those that are asked for it, and for an empty bed, where a rest may go
     */
    public function asked(string $column, string $bed): array
    {
        return array_filter($this->rows, static fn(string $code): bool => in_array(explode('/', $code)[1] ?? $column, [$column, $bed], true), \ARRAY_FILTER_USE_KEY);
    }

    /** @throws UnknownLimit when there is none of that code */
    public function value(string $code): float
    {
        return (float) ($this->rows[$code] ?? throw UnknownLimit::becauseNotListed($code))['value'];
    }

    /** @throws UnknownLimit when there is none of that code */
    public function get(string $code): Sourced
    {
        return Sourced::fromRow($this->rows[$code] ?? throw UnknownLimit::becauseNotListed($code), $this->sources);
    }
}
