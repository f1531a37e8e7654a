<?php

declare(strict_types=1);

namespace App\Notebook;

use PDO;
use PDOException;

/**
 * What was in a damaged notebook and could not be read out of it. Its tables number their rows one after the other and take none
 * away: what lacks between them was there.
 */
final readonly class Missing
{
    /** What people know by name. */
    public const NAMED = ['plants', 'cases', 'batches', 'leaf_tests', 'rounds', 'counts'];

    /** A number beyond this was overwritten: it would be told as so many missing. */
    private const MOST = 1_000_000;

    /**
     * @param array<value-of<self::NAMED>, list<int>>  $numbers by table, which rows are missing
     * @param array<value-of<self::NAMED>, list<string>> $keys  by table, “number key” of the rows that are there
     */
    private function __construct(private array $numbers, private array $keys) {}

    /** @param PDO $new what was read out, before anything stands in for what was not */
    public static function from(PDO $old, PDO $new): self
    {
        $numbers = $keys = [];
        foreach (array_intersect(self::NAMED, Sqlite::tables($new)) as $table) {
            $there = array_map(intval(...), [
                ...Sqlite::texts($new, "select id from {$table}"),
                ...Sqlite::texts($new, 'select json_extract(content, \'$.id\') from ' . LeftOver::TABLE . " where record = '{$table}'"),
            ]);
            $last = max([0, self::last($old, $table), ...$there]);
            $numbers[$table] = $last > self::MOST || $last === 0 ? [] : array_values(array_diff(range(1, $last), $there));
            $keys[$table] = self::keys($new, $table);
        }

        return new self($numbers, $keys);
    }

    /**
     * @param string|null $copy the newest that opens: it tells what those plants are called that are missing
     *
     * @return array<value-of<self::NAMED>, array{int, list<string>}> by table: how many, and of plants how they are called; only of what lacks anything
     */
    public function told(?string $copy): array
    {
        $told = [];
        foreach ($this->numbers as $table => $missing) {
            if ($missing !== []) {
                $told[$table] = [count($missing), $table === 'plants' && $copy !== null ? $this->names($copy, $missing) : []];
            }
        }

        return $told;
    }

    /** The number that the last row of a table was given; 0 where that cannot be read. */
    private static function last(PDO $old, string $table): int
    {
        try {
            return Sqlite::number($old, "select coalesce(max(seq), 0) from sqlite_sequence where name = '{$table}'");
        } catch (PDOException) {
            return 0;
        }
    }

    /**
     * @param list<int> $plants
     *
     * @return list<string>
     */
    private function names(string $path, array $plants): array
    {
        try {
            $copy = Sqlite::open($path);

            return $this->isOfTheSame($copy) ? Sqlite::texts($copy, 'select name from plants where id in (' . implode(', ', $plants) . ') order by id') : [];
        } catch (PDOException) {
            return [];
        }
    }

    /** Whether a copy is of this notebook, and not of one that stood in its place before: what has the same number in both is the same there. */
    private function isOfTheSame(PDO $copy): bool
    {
        $both = 0;
        foreach ($this->keys as $table => $here) {
            $there = self::keys($copy, $table);
            $numbers = array_intersect(array_map(intval(...), $here), array_map(intval(...), $there));
            if (count($numbers) !== count(array_intersect($here, $there))) {
                return false;
            }
            $both += count($numbers);
        }

        return $both > 0;
    }

    /** @return list<string> “number key” of each row */
    private static function keys(PDO $pdo, string $table): array
    {
        return Sqlite::texts($pdo, "select id || ' ' || submission from {$table}");
    }
}
