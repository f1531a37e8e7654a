<?php

declare(strict_types=1);

namespace App\Notebook;

use PDO;

/** A file of SQLite, opened by itself and not for the application. */
final class Sqlite
{
    /** What a file of SQLite begins with: https://www.sqlite.org/fileformat.html */
    public const HEADER = "SQLite format 3\0";

    public static function open(string $path): PDO
    {
        $pdo = new PDO("sqlite:{$path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC]);
        $pdo->exec('pragma busy_timeout = 5000');

        return $pdo;
    }

    /** The file without its log, whatever lies beside it. */
    public static function openAlone(string $path): PDO
    {
        return self::open('file:' . str_replace(['%', '?', '#'], ['%25', '%3f', '%23'], $path) . '?immutable=1');
    }

    /** @return list<string> */
    public static function tables(PDO $pdo): array
    {
        return self::texts($pdo, "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name");
    }

    /**
     * The first column of every row.
     *
     * @return list<string>
     */
    public static function texts(PDO $pdo, string $query): array
    {
        $statement = $pdo->query($query);
        $all = $statement === false ? [] : $statement->fetchAll(PDO::FETCH_COLUMN);

        return array_values(array_map(static fn(mixed $value): string => is_scalar($value) ? (string) $value : '', $all));
    }

    public static function number(PDO $pdo, string $query): int
    {
        return (int) (self::texts($pdo, $query)[0] ?? 0);
    }

    public static function name(string $name): string
    {
        return '"' . str_replace('"', '""', $name) . '"';
    }

    /** Folds the log into the file and lets go of it, so that the file alone is all there is. */
    public static function fold(string $path): void
    {
        $pdo = self::open($path);
        $pdo->exec('pragma journal_mode = wal');
        $pdo->exec('pragma wal_checkpoint(truncate)');
    }
}
