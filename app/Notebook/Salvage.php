<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use PDO;
use PDOException;

/**
 * Copies what can be read of a damaged notebook into a new file. The damaged one is only read.
 *
 * File format, from which the repairs of the copy's first page are taken: https://www.sqlite.org/fileformat.html
 */
final readonly class Salvage
{
    private const HEADER_BYTES = 100;

    /** Tables that tell of the notebook, and hold nothing that anybody entered. */
    private const OF_ITSELF = ['migrations', 'notebook', LeftOver::TABLE];

    public function __construct(private Edition $edition, private Forward $forward, private Places $places) {}

    /** @throws StoreFault when not even its tables can be found */
    public function out(string $damaged, string $to): Salvaged
    {
        $work = "{$to}.work";
        $half = "{$to}.half";
        $donor = "{$to}.donor";
        try {
            foreach ([$work, $half, $donor] as $path) {
                Files::remove($path);
            }
            $this->forward->bring($donor);
            [$old, $scattered] = $this->opened($damaged, $work, $donor);
            $new = Sqlite::open($half);
            $new->exec('pragma foreign_keys = off');
            $leftOver = new LeftOver($new);
            $rows = $this->copy($old, $new, $leftOver, $work, $scattered);
            $this->steps($new, Sqlite::number($old, 'pragma user_version'));
            $this->missing($donor, $new, $leftOver);
            $leftOver->unreadable();
            $missing = Missing::from($old, $new);
            (new StandIns($new))->put();
            $leftOver->orphans();
            $new->exec('insert or ignore into stale_cases (case_id) select id from cases');
            foreach (array_keys($rows) as $table) {
                $rows[$table] = Sqlite::number($new, 'select count(*) from ' . Sqlite::name($table));
            }
            if (array_sum(array_diff_key($rows, array_flip(self::OF_ITSELF))) === 0) {
                throw new StoreFault(StoreTrouble::Damaged, Say::it('notebook/salvage.nothing-could-be-read-out.nothing-could-be-read-out', ['value' => '.']));
            }
            $many = $leftOver->count();
            $new->exec('vacuum into ' . $new->quote("{$half}.whole"));
            unset($old, $new);
            Files::replace($to, "{$half}.whole");

            return new Salvaged($rows, $many, $missing);
        } catch (PDOException $e) {
            throw new StoreFault(StoreTrouble::of($e, $to) ?? StoreTrouble::Damaged, Say::it('notebook/salvage.nothing-could-be-read-out', ['get-message' => $e->getMessage()]));
        } finally {
            foreach ([$work, $half, $donor, "{$half}.whole"] as $path) {
                Files::remove($path);
            }
        }
    }

    /**
     * A working copy that opens: as it is, or with a new header; with its list of tables as that was when it was opened last; with
     * the first page of a new notebook, what was cut off filled up; or with all tables to be found page by page.
     *
     * @return array{PDO, bool} and whether nobody knows where its tables begin
     */
    private function opened(string $damaged, string $work, string $donor): array
    {
        $known = $this->places->layout();
        $fronts = [[0, false], [self::HEADER_BYTES, false], $known, [\PHP_INT_MAX, false], [0, true], [\PHP_INT_MAX, true], Layout::of(Sqlite::open($donor))->scattered()];
        $last = null;
        foreach (array_filter($fronts) as $front) {
            Files::remove($work);
            if ($front instanceof Layout) {
                $file = LogFrames::over((string) file_get_contents($damaged), is_file("{$damaged}-wal") ? (string) file_get_contents("{$damaged}-wal") : '', $front->page);
                if (! $front->fits($file)) {
                    continue;
                }
                file_put_contents($work, (new NewFront($front))->over($file, "{$work}.front"));
            } else {
                Copier::plain($damaged, $work);
                self::fill($work, (string) file_get_contents($donor), ...$front);
            }
            try {
                $pdo = Sqlite::open($work);
                $pdo->exec('pragma writable_schema = on');
                if (array_intersect(Sqlite::tables($pdo), Edition::TABLES) !== []) {
                    $pdo->exec('pragma wal_checkpoint(truncate)');

                    return [$pdo, $front instanceof Layout && $front->isScattered()];
                }
            } catch (PDOException $e) {
                $last = $e;
            }
            unset($pdo);
        }

        throw new StoreFault(StoreTrouble::Damaged, Say::it('notebook/salvage.nothing-could-be-read-out.nothing-could-be-read-out', ['value' => $last === null ? '.' : " ({$last->getMessage()})."]));
    }

    /**
     * @param int  $replaced how many bytes of the first page are taken from the donor
     * @param bool $tail     whether what was cut off is taken from the donor, too: the tables may be told of on a page of it
     */
    private static function fill(string $work, string $donor, int $replaced, bool $tail): void
    {
        $text = (string) file_get_contents($work);
        $page = self::number(substr($donor, 16, 2));
        $pages = max((int) ceil(strlen($text) / $page), 1);
        if ($replaced > 0) {
            $text = substr_replace($text, substr($donor, 0, min($replaced, $page)), 0, min($replaced, $page));
            // Size in pages, and an empty list of free pages.
            $text = substr_replace($text, pack('N', $pages) . pack('N', 0) . pack('N', 0), 28, 12);
            $text = substr_replace($text, substr($text, 24, 4), 92, 4);
        }
        $wanted = self::number(substr($text, 28, 4)) * $page;
        // A file that was cut off is refused as a whole; with its end filled up, what is left of it can be read.
        $bounded = $wanted > 0 && $wanted < 100 * max(strlen($text), $page) ? $wanted : strlen($text);
        if ($tail && strlen($text) < $bounded) {
            $text = str_pad($text, (int) ceil(strlen($text) / $page) * $page, "\0");
            $text .= substr($donor, strlen($text), max(0, $bounded - strlen($text)));
        }
        file_put_contents($work, str_pad($text, $bounded, "\0"));
    }

    private static function number(string $bytes): int
    {
        return (int) hexdec(bin2hex($bytes));
    }

    /** @return array<string, int> rows by table */
    private function copy(PDO $old, PDO $new, LeftOver $leftOver, string $work, bool $scattered): array
    {
        $reader = new RowReader($old);
        $rows = [];
        $broken = [];
        $new->beginTransaction();
        foreach ($this->definitions($old, 'table') as $table => $sql) {
            if ($table !== LeftOver::TABLE) {
                $new->exec($sql);
            }
            if (in_array($table, Edition::RECKONED, true)) {
                continue;
            }
            $rows[$table] = 0;
            $whole = true;
            foreach ($reader->rows($table, $whole) as $row) {
                try {
                    self::insert($new, $table, $row);
                } catch (PDOException $e) {
                    $leftOver->keep($table, $row, $e->getMessage());
                }
            }
            if (! $whole || $scattered) {
                $broken[] = $table;
            }
        }
        foreach ($broken as $table) {
            $this->adopt($work, $old, $new, $table);
        }
        foreach ($this->definitions($old, 'index') as $name => $sql) {
            try {
                $new->exec($sql);
            } catch (PDOException) {
                $this->again($new, $leftOver, $sql);
            }
        }
        $new->exec('pragma application_id = ' . Edition::APPLICATION);
        $new->exec('pragma user_version = ' . Sqlite::number($old, 'pragma user_version'));
        $new->commit();

        return $rows;
    }

    /** Rows that lie on pages which nothing points to any more: each page that fits is taken for the whole table, and read. */
    private function adopt(string $work, PDO $old, PDO $new, string $table): void
    {
        $types = Sqlite::texts($old, "select lower(type) || iif(\"notnull\", ' not null', '') from pragma_table_info('{$table}')");
        $root = Sqlite::number($old, "select rootpage from sqlite_master where type = 'table' and name = '{$table}'");
        $others = array_map(intval(...), Sqlite::texts($old, "select rootpage from sqlite_master where type = 'table' and rootpage > 1 and name != '{$table}'"));
        foreach (LeafPages::in($work)->fitting($types, $others) as $page) {
            $old->exec("update sqlite_master set rootpage = {$page} where type = 'table' and name = '{$table}'");
            $ignored = true;
            foreach ((new RowReader(Sqlite::open($work)))->rows($table, $ignored) as $row) {
                try {
                    self::insert($new, $table, $row);
                } catch (PDOException) {
                    // It was read before, from where it belongs.
                }
            }
        }
        $old->exec("update sqlite_master set rootpage = {$root} where type = 'table' and name = '{$table}'");
    }

    /** Tables that are gone as a whole, in a notebook of the newest version: empty ones, so that it opens. */
    private function missing(string $donor, PDO $new, LeftOver $leftOver): void
    {
        if (Sqlite::number($new, 'pragma user_version') !== $this->edition->version()) {
            return;
        }
        $there = Sqlite::tables($new);
        foreach ($this->definitions(Sqlite::open($donor), 'table') as $table => $sql) {
            if (! in_array($table, $there, true)) {
                $new->exec($sql);
            }
        }
        foreach (array_diff_key($this->definitions(Sqlite::open($donor), 'index'), $this->definitions($new, 'index')) as $sql) {
            try {
                $new->exec($sql);
            } catch (PDOException) {
                $this->again($new, $leftOver, $sql);
            }
        }
    }

    /** An index that two rows stand in the way of; one whose making cannot be read is made anew with what is missing. */
    private function again(PDO $new, LeftOver $leftOver, string $sql): void
    {
        try {
            $leftOver->twins($sql);
            $new->exec($sql);
        } catch (PDOException) {
            // See above.
        }
    }

    /** @return array<string, string> by name, what made it */
    private function definitions(PDO $old, string $type): array
    {
        $all = [];
        $found = $old->query("select name, sql from sqlite_master where type = '{$type}' and sql is not null and name not like 'sqlite_%'");
        while ($found !== false && is_array($row = $found->fetch(PDO::FETCH_ASSOC))) {
            if (is_string($row['name'] ?? null) && is_string($row['sql'] ?? null)) {
                $all[$row['name']] = $row['sql'];
            }
        }

        return $all;
    }

    /** @param array<string, mixed> $row */
    private static function insert(PDO $new, string $table, array $row): void
    {
        $names = implode(', ', array_map(Sqlite::name(...), array_keys($row)));
        $new->prepare('insert into ' . Sqlite::name($table) . " ({$names}) values (" . implode(', ', array_fill(0, count($row), '?')) . ')')->execute(array_values($row));
    }

    /** The steps that the tables have come, where the list of them cannot be read: the version in the header counts them. */
    private function steps(PDO $new, int $version): void
    {
        $known = Sqlite::texts($new, 'select migration from migrations');
        foreach (array_slice($this->edition->steps, 0, $version) as $step) {
            if (! in_array($step, $known, true)) {
                $new->prepare('insert into migrations (migration, batch) values (?, 1)')->execute([$step]);
            }
        }
    }
}
