<?php

declare(strict_types=1);

namespace IdleMixer\Core\Pest;

/**
 * The pests a case can be about.
 *
 * @phpstan-type PestRow array{name: string, unit: string, source: string}
 */
final readonly class PestCatalogue
{
    /** @param array<string, PestRow> $rows */
    public function __construct(private array $rows) {}

    public static function shipped(): self
    {
        /** @var array<string, PestRow> $rows */
        $rows = require __DIR__ . '/../../data/pests.php';

        return new self($rows);
    }

    /** @return list<string> */
    public function slugs(): array
    {
        return array_keys($this->rows);
    }

    /** @throws UnknownPest when there is none of that slug */
    public function get(string $slug): Pest
    {
        $row = $this->rows[$slug] ?? throw UnknownPest::becauseNotListed($slug, $this->slugs());

        return new Pest($slug, $row['name'], $row['unit']);
    }

    /** @return list<Pest> */
    public function all(): array
    {
        return array_map($this->get(...), $this->slugs());
    }
}
