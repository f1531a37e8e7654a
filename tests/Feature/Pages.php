<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Notebook\Sqlite;
use PDO;

/** Pages of a file as SQLite itself tells of them: https://www.sqlite.org/dbstat.html */
final class Pages
{
    /** @return list<array{page: int, kind: string, rows: int}> those of a table or an index, by their numbers */
    public static function of(PDO $pdo, string $name): array
    {
        $found = Sqlite::texts($pdo, 'select pageno || \' \' || pagetype || \' \' || ncell from dbstat where name = ' . $pdo->quote($name) . ' order by pageno');

        return array_map(static function (string $row): array {
            [$page, $kind, $rows] = explode(' ', $row) + ['', '', ''];

            return ['page' => (int) $page, 'kind' => $kind, 'rows' => (int) $rows];
        }, $found);
    }

    /** @return list<array{page: int, kind: string, rows: int}> those of them that hold rows */
    public static function leaves(PDO $pdo, string $table): array
    {
        return array_values(array_filter(self::of($pdo, $table), static fn(array $page): bool => $page['kind'] === 'leaf' && $page['rows'] > 0));
    }
}
