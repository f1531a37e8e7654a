<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use PDO;
use PDOException;

/** Looks whether a file is a notebook that this code can open, and what is wrong with it otherwise. */
final readonly class Inspector
{
    /** Where a file of SQLite tells whose it is: https://www.sqlite.org/fileformat.html */
    private const APPLICATION_AT = 68;

    /** As many faults of a file as are asked for; the first is told. */
    private const FAULTS = 5;

    /** What stands in every notebook, and in few other files. */
    private const TRACES = '/CREATE TABLE "(?:batch_scoops|recipe_versions)"|idle-mixer\/(?:batch|recipe)"/';

    public function __construct(private Edition $edition) {}

    public function look(string $path): Finding
    {
        return match (true) {
            is_dir($path) => new Finding(Condition::Foreign, Say::it('notebook/inspector.it-is-a-folder')),
            ! is_file($path) => new Finding(Condition::Absent),
            filesize($path) === 0 => new Finding(Condition::Emptied),
            self::begins($path) !== Sqlite::HEADER => self::traces($path) ? new Finding(Condition::Damaged, Say::it('notebook/inspector.its-beginning-overwritten')) : new Finding(Condition::Foreign, Say::it('notebook/inspector.no-file-of-sqlite')),
            default => $this->inside($path),
        };
    }

    private function inside(string $path): Finding
    {
        try {
            $pdo = Sqlite::open($path);
            $tables = Sqlite::tables($pdo);
            if (! in_array('migrations', $tables, true) || ! in_array('plants', $tables, true)) {
                return self::ours($pdo) ? new Finding(Condition::Damaged, Say::it('notebook/inspector.tables-are-missing-in')) : new Finding(Condition::Foreign, Say::it('notebook/inspector.file-of-another-program'));
            }
            $version = $this->version($pdo);

            return $version > $this->edition->version() ? new Finding(Condition::Newer, (string) $version) : $this->health($pdo, $tables, $version);
        } catch (PDOException $e) {
            $trouble = StoreTrouble::of($e, $path);
            if ($trouble !== StoreTrouble::Damaged) {
                throw $e;
            }

            return self::traces($path) ? new Finding(Condition::Damaged, Say::it('notebook/inspector.what-holds-cannot-be-found')) : new Finding(Condition::Foreign, Say::it('notebook/inspector.no-notebook-that-can-be'));
        }
    }

    /** @param list<string> $tables */
    private function health(PDO $pdo, array $tables, int $version): Finding
    {
        $faults = Sqlite::texts($pdo, 'pragma integrity_check(' . self::FAULTS . ')');
        if ($faults !== ['ok']) {
            return new Finding(Condition::Damaged, self::plain($faults[0] ?? ''));
        }
        if ($version === $this->edition->version() && array_diff(Edition::TABLES, $tables) !== []) {
            return new Finding(Condition::Damaged, Say::it('notebook/inspector.tables-are-missing-in.tables-are-missing-in', ['tables' => implode(', ', array_diff(Edition::TABLES, $tables))]));
        }
        if (Sqlite::texts($pdo, 'pragma foreign_key_check') !== []) {
            return new Finding(Condition::Damaged, Say::it('notebook/inspector.records-have-lost-what-they'));
        }
        foreach (Edition::JSON as $table => $columns) {
            foreach (array_intersect($columns, Sqlite::texts($pdo, "select name from pragma_table_info('{$table}')")) as $column) {
                if (Sqlite::number($pdo, 'select count(*) from (' . Edition::unreadable($table, $column) . ')') > 0) {
                    return new Finding(Condition::Patchy, Say::it('notebook/inspector.what-stands-in-overwritten', ['table' => $table]));
                }
            }
        }

        return new Finding($version < $this->edition->version() ? Condition::Older : Condition::Sound);
    }

    private function version(PDO $pdo): int
    {
        $done = Sqlite::texts($pdo, 'select migration from migrations');
        $unknown = array_diff($done, $this->edition->steps);

        return max(Sqlite::number($pdo, 'pragma user_version'), $unknown === [] ? count($done) : $this->edition->version() + count($unknown));
    }

    private static function ours(PDO $pdo): bool
    {
        return Sqlite::number($pdo, 'pragma application_id') === Edition::APPLICATION;
    }

    /** A fault in words for the person; those of SQLite name pages and indexes. */
    private static function plain(string $fault): string
    {
        $lines = array_values(array_filter(explode("\n", $fault), static fn(string $line): bool => ! str_starts_with($line, '***')));
        $line = trim($lines[0] ?? $fault);

        return match (true) {
            preg_match('/\b[Pp]age (\d+)/', $line, $page) === 1 => Say::it('notebook/inspector.page-of-its-file-cannot', ['page' => $page[1]]),
            preg_match('/index (\w+)/', $line, $index) === 1 => Say::it('notebook/inspector.its-index-does-not-fit', ['index' => $index[1]]),
            default => Say::it('notebook/inspector.sqlite-says', ['line' => $line]),
        };
    }

    private static function begins(string $path): string
    {
        return (string) file_get_contents($path, false, null, 0, strlen(Sqlite::HEADER));
    }

    /** Whether anything in the file shows that it was a notebook. */
    private static function traces(string $path): bool
    {
        $file = fopen($path, 'r');
        $text = '';
        $found = false;
        while ($file !== false && ! $found && ! feof($file)) {
            // What stands across the border of two pieces is whole in the next one.
            $text = substr($text, -40) . fread($file, 1 << 16);
            $found = preg_match(self::TRACES, $text) === 1;
        }

        return $found || file_get_contents($path, false, null, self::APPLICATION_AT, 4) === pack('N', Edition::APPLICATION);
    }
}
