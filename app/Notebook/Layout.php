<?php

declare(strict_types=1);

namespace App\Notebook;

use JsonSerializable;
use PDO;

/** On which pages of a notebook its tables begin. Without it a file whose first pages are gone is a heap of pages. */
final readonly class Layout implements JsonSerializable
{
    /** First byte of a page on which a table or an index begins. */
    private const BEGINS = ['table' => [0x05, 0x0D], 'index' => [0x02, 0x0A]];

    /** Of a file that is damaged here and there most places still fit; of another file about half do. Our own limit. */
    private const FITS = 0.75;

    /** A table of which nobody knows where it begins. */
    public const NOWHERE = 0;

    /**
     * @param int                                                                           $page bytes of a page
     * @param int                                                                           $version of the notebook, as its header tells
     * @param list<array{type: string, name: string, tbl_name: string, rootpage: int, sql: string}> $rows of its list of tables and indexes
     */
    public function __construct(public int $page, public int $version, public array $rows) {}

    /** @throws \PDOException when it cannot be read */
    public static function of(PDO $pdo): self
    {
        $rows = [];
        $found = $pdo->query('select type, name, tbl_name, rootpage, sql from sqlite_master order by rowid');
        while ($found !== false && is_array($row = $found->fetch(PDO::FETCH_ASSOC))) {
            $read = self::row($row);
            if ($read !== null) {
                $rows[] = $read;
            }
        }

        return new self(Sqlite::number($pdo, 'pragma page_size'), Sqlite::number($pdo, 'pragma user_version'), $rows);
    }

    /** Null where it was written by nobody who knew how. */
    public static function read(string $json): ?self
    {
        $told = json_decode($json, true);
        $rows = is_array($told) && is_array($told['rows'] ?? null) ? array_values(array_filter(array_map(self::row(...), $told['rows']))) : [];

        return is_array($told) && is_int($told['page'] ?? null) && is_int($told['version'] ?? null) && $rows !== [] ? new self($told['page'], $told['version'], $rows) : null;
    }

    /** The same tables, of which nobody knows where they begin. */
    public function scattered(): self
    {
        $tables = array_values(array_filter($this->rows, static fn(array $row): bool => $row['type'] === 'table'));

        return new self($this->page, $this->version, array_map(static fn(array $row): array => [...$row, 'rootpage' => self::NOWHERE], $tables));
    }

    /** Whether what belongs to a table is to be found page by page. */
    public function isScattered(): bool
    {
        return array_unique(array_column($this->rows, 'rootpage')) === [self::NOWHERE];
    }

    /** Whether the file may be laid out like this: it may be another than the one that was opened last. */
    public function fits(string $file): bool
    {
        $known = array_filter($this->rows, static fn(array $row): bool => $row['rootpage'] > 1);
        $fit = array_filter($known, fn(array $row): bool => in_array(ord(substr($file, $this->page * ($row['rootpage'] - 1), 1)), self::BEGINS[$row['type']] ?? [], true));

        return count($fit) >= self::FITS * count($known);
    }

    /** @return array{page: int, version: int, rows: list<array<string, int|string>>} */
    public function jsonSerialize(): array
    {
        return ['page' => $this->page, 'version' => $this->version, 'rows' => $this->rows];
    }

    /** @return array{type: string, name: string, tbl_name: string, rootpage: int, sql: string}|null */
    private static function row(mixed $row): ?array
    {
        if (! is_array($row)) {
            return null;
        }
        ['type' => $type, 'name' => $name, 'tbl_name' => $table, 'rootpage' => $root, 'sql' => $sql] = [...['type' => null, 'name' => null, 'tbl_name' => null, 'rootpage' => null, 'sql' => null], ...$row];

        // An index that a table brings along has no words of its own.
        return is_string($type) && is_string($name) && is_string($table) && is_int($root) && (is_string($sql) || $sql === null)
            ? ['type' => $type, 'name' => $name, 'tbl_name' => $table, 'rootpage' => $root, 'sql' => $sql ?? '']
            : null;
    }
}
