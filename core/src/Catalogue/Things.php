<?php

declare(strict_types=1);

namespace IdleMixer\Core\Catalogue;

use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/**
 * The things of one kind: troubles, ingredients, sprays. Each is one file of `core/data/<kind>`, which says what is so, and where it has
 * words one of `core/words/en/<kind>`, which says what it is called. `core/data/README.md` tells what stands in them.
 */
final class Things
{
    private const FOLDER = __DIR__ . '/../../data';

    /** @var array<string, self> kinds that were read: several catalogues are put together of one */
    private static array $read = [];

    /** @param array<string, array<string, mixed>> $rows by slug, in the order in which they are offered */
    private function __construct(private readonly string $kind, private readonly array $rows) {}

    public static function of(string $kind): self
    {
        return self::$read[$kind] ??= self::folder($kind);
    }

    private static function folder(string $kind): self
    {
        $rows = [];
        $files = scandir(self::FOLDER . "/{$kind}");
        foreach ($files === false ? [] : $files as $file) {
            if (str_ends_with($file, '.php')) {
                /** @var array<string, mixed> $row */
                $row = require self::FOLDER . "/{$kind}/{$file}";
                $rows[substr($file, 0, -strlen('.php'))] = $row;
            }
        }
        uasort($rows, static fn(array $a, array $b): int => ($a['rank'] ?? 0) <=> ($b['rank'] ?? 0));

        return new self($kind, $rows);
    }

    /** @return array<string, array<string, mixed>> by slug */
    public function rows(): array
    {
        return $this->rows;
    }

    /** @return array<string, mixed> what those say of it that say something, by slug */
    public function column(string $name): array
    {
        return array_filter(array_map(static fn(array $row): mixed => $row[$name] ?? null, $this->rows), static fn(mixed $value): bool => $value !== null);
    }

    /**
     * What they are called.
     *
     * @return array<string, array<array-key, mixed>> by slug
     *
     * @throws MissingWords when one of them is called nothing
     */
    public function words(): array
    {
        $words = [];
        foreach (array_keys($this->rows) as $slug) {
            $words[$slug] = Say::words("{$this->kind}/{$slug}");
        }

        return $words;
    }

    /**
     * What is so of each, with what it is called.
     *
     * @return array<string, array<string, mixed>> by slug
     *
     * @throws MissingWords when one of them is called nothing
     */
    public function named(): array
    {
        $named = [];
        $words = $this->words();
        foreach ($this->rows as $slug => $row) {
            /** @var array<string, mixed> $all */
            $all = [...$row, ...$words[$slug]];
            $named[$slug] = $all;
        }

        return $named;
    }
}
