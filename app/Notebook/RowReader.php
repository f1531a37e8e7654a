<?php

declare(strict_types=1);

namespace App\Notebook;

use Generator;
use PDO;
use PDOException;

/**
 * Reads every row of a table that can still be read: from the front until a page is broken, from the end until a page is
 * broken, and between the two by the number of each row.
 */
final readonly class RowReader
{
    /** So many numbers between two readable rows are tried one by one; so many in a row that cannot be read, and the rest cannot either: ours. */
    private const MOST_TRIED = 1_000_000;

    private const MOST_BROKEN = 5_000;

    public function __construct(private PDO $pdo) {}

    /**
     * @param bool $whole whether all of them could be read
     *
     * @return Generator<int, array<string, mixed>> by the number that SQLite gives each row
     */
    public function rows(string $table, bool &$whole): Generator
    {
        $name = Sqlite::name($table);
        $last = null;
        $whole = true;
        foreach ($this->until("select rowid as \"the rowid\", * from {$name} order by rowid", $whole) as $id => $row) {
            $last = $id;
            yield $id => $row;
        }
        if ($whole) {
            return;
        }
        $first = null;
        $backwards = [];
        $ignored = true;
        foreach ($this->until("select rowid as \"the rowid\", * from {$name} order by rowid desc", $ignored) as $id => $row) {
            if ($last !== null && $id <= $last) {
                break;
            }
            $first = $id;
            $backwards[$id] = $row;
        }
        yield from array_reverse($backwards, true);
        yield from $this->between($name, ($last ?? 0) + 1, ($first ?? $this->most($table) + 1) - 1);
    }

    /** The highest number that a row of the table ever had. */
    private function most(string $table): int
    {
        try {
            return Sqlite::number($this->pdo, 'select seq from sqlite_sequence where name = ' . $this->pdo->quote($table));
        } catch (PDOException) {
            return self::MOST_BROKEN;
        }
    }

    /** @return Generator<int, array<string, mixed>> */
    private function between(string $name, int $from, int $to): Generator
    {
        $to = min($to, $from + self::MOST_TRIED);
        $broken = 0;
        for ($id = $from; $id <= $to && $broken < self::MOST_BROKEN; ++$id) {
            $whole = true;
            yield from $this->until("select rowid as \"the rowid\", * from {$name} where rowid = {$id}", $whole);
            $broken = $whole ? 0 : $broken + 1;
        }
    }

    /** @return Generator<int, array<string, mixed>> */
    private function until(string $query, bool &$whole): Generator
    {
        try {
            $statement = $this->pdo->query($query);
            while ($statement !== false && is_array($row = $statement->fetch(PDO::FETCH_ASSOC))) {
                $id = $row['the rowid'] ?? null;
                unset($row['the rowid']);
                /** @var array<string, mixed> $row */
                yield is_int($id) ? $id : 0 => $row;
            }
        } catch (PDOException) {
            $whole = false;
        }
    }
}
