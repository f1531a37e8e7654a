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

    /** @var array<string, array<string, mixed>> those that were asked for, by slug */
    private array $single = [];

    /** @param array<string, array<string, mixed>>|null $rows all of them, by slug, in the order in which they are offered; null until somebody asks for all */
    private function __construct(private readonly string $kind, private ?array $rows) {}

    public static function of(string $kind): self
    {
        return self::$read[$kind] ??= new self($kind, null);
    }

    /**
     * Others than those that are shipped.
     *
     * @param array<string, array<string, mixed>> $rows by slug, in the order in which they are offered
     */
    public static function given(string $kind, array $rows): self
    {
        return new self($kind, $rows);
    }

    /** @return array<string, array<string, mixed>> by slug */
    public function rows(): array
    {
        return $this->rows ??= $this->folder();
    }

    /**
     * One by itself, without a look at the others.
     *
     * @return array<string, mixed>|null null where there is none
     */
    public function row(string $slug): ?array
    {
        if ($this->rows !== null) {
            return $this->rows[$slug] ?? null;
        }

        return $this->single[$slug] ?? $this->file($slug);
    }

    /**
     * What it is called.
     *
     * @return array<array-key, mixed>
     *
     * @throws MissingWords when it is called nothing
     */
    public function wordsOf(string $slug): array
    {
        return Say::words("{$this->kind}/{$slug}");
    }

    /** @return array<string, array<string, mixed>> */
    private function folder(): array
    {
        $rows = [];
        $files = scandir(self::FOLDER . "/{$this->kind}");
        foreach ($files === false ? [] : $files as $file) {
            $slug = str_ends_with($file, '.php') ? substr($file, 0, -strlen('.php')) : '';
            $row = $this->file($slug);
            if ($row !== null) {
                $rows[$slug] = $row;
            }
        }
        uasort($rows, static fn(array $a, array $b): int => ($a['rank'] ?? 0) <=> ($b['rank'] ?? 0));

        return $rows;
    }

    /** @return array<string, mixed>|null */
    private function file(string $slug): ?array
    {
        // A slug may come from outside: it leads nowhere but into the folder.
        $file = self::FOLDER . "/{$this->kind}/{$slug}.php";
        if (preg_match('/\A[a-z0-9]+(-[a-z0-9]+)*\z/', $slug) !== 1 || ! is_file($file)) {
            return null;
        }
        /** @var array<string, mixed> $row */
        $row = require $file;

        return $this->single[$slug] = $row;
    }

    /** @return array<string, mixed> what those say of it that say something, by slug */
    public function column(string $name): array
    {
        return array_filter(array_map(static fn(array $row): mixed => $row[$name] ?? null, $this->rows()), static fn(mixed $value): bool => $value !== null);
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
        foreach (array_keys($this->rows()) as $slug) {
            $words[$slug] = $this->wordsOf($slug);
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
        foreach ($this->rows() as $slug => $row) {
            /** @var array<string, mixed> $all */
            $all = [...$row, ...$words[$slug]];
            $named[$slug] = $all;
        }

        return $named;
    }
}
