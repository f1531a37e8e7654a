<?php

declare(strict_types=1);

namespace App\Notebook;

use IdleMixer\Core\Words\Say;
use PDO;

/** Records that were read out of a damaged notebook and have no place in the new one: kept as they were, in a table of their own. */
final readonly class LeftOver
{
    public const TABLE = 'left_over';

    public function __construct(private PDO $pdo)
    {
        $pdo->exec('create table if not exists left_over (id integer primary key, record text not null, content text not null, why text not null)');
    }

    public function count(): int
    {
        return Sqlite::number($this->pdo, 'select count(*) from left_over');
    }

    /**
     * What those are called that came in since; others by their kind.
     *
     * @return list<string>
     */
    public function since(int $before): array
    {
        return Sqlite::texts($this->pdo, "select coalesce(json_extract(content, '$.name'), record) from left_over where id > {$before} and why like '%overwritten%' order by id");
    }

    /** @param array<string, mixed> $row */
    public function keep(string $table, array $row, string $why): void
    {
        $content = json_encode($row, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR);
        $this->pdo->prepare('insert into left_over (record, content, why) values (?, ?, ?)')->execute([$table, $content, $why]);
    }

    /** Records whose JSON is none any more: what can be without it, is; the others are moved here. */
    public function unreadable(): void
    {
        foreach (Edition::JSON as $table => $columns) {
            foreach (array_intersect($columns, Sqlite::texts($this->pdo, "select name from pragma_table_info('{$table}')")) as $column) {
                $this->emptied($table, $column);
            }
        }
    }

    private function emptied(string $table, string $column): void
    {
        $broken = Sqlite::texts($this->pdo, Edition::unreadable($table, $column));
        $empty = Sqlite::texts($this->pdo, "select iif(\"notnull\", coalesce(dflt_value, ''), 'null') from pragma_table_info('{$table}') where name = '{$column}'")[0] ?? '';
        // An empty text is no document either.
        if (in_array($empty, ['', "''"], true)) {
            $this->move($table, $broken, Say::it('notebook/left-over.is-overwritten', ['column' => $column]));

            return;
        }
        foreach ($broken as $id) {
            $row = $this->row($table, $id);
            if ($row !== null) {
                $this->keep($table, $row, Say::it('notebook/left-over.overwritten-without-in-its-place', ['column' => $column]));
            }
            $this->pdo->prepare("update {$table} set {$column} = {$empty} where rowid = ?")->execute([$id]);
        }
    }

    /** Records that belong to something that is not there, and what belongs to those in turn. Who can be without it, is. */
    public function orphans(): void
    {
        do {
            $found = [];
            $statement = $this->pdo->query('pragma foreign_key_check');
            while ($statement !== false && is_array($row = $statement->fetch(PDO::FETCH_ASSOC))) {
                if (is_string($row['table'] ?? null) && is_scalar($row['rowid'] ?? null) && is_string($row['parent'] ?? null)) {
                    $found[] = [$row['table'], (string) $row['rowid'], $row['parent']];
                }
            }
            foreach ($found as [$table, $id, $parent]) {
                $this->part($table, $id, $parent);
            }
        } while ($found !== []);
    }

    private function part(string $table, string $id, string $parent): void
    {
        $why = Say::it('notebook/left-over.belongs-to-one-of-that', ['parent' => $parent]);
        $links = $this->pdo->query("select \"from\" from pragma_foreign_key_list('{$table}') l join pragma_table_info('{$table}') c on c.name = l.\"from\" where l.\"table\" = '{$parent}' and not c.\"notnull\"");
        $without = $links === false ? [] : $links->fetchAll(PDO::FETCH_COLUMN);
        $row = $this->row($table, $id);
        if ($without === [] || self::needs($table, $row ?? [], array_values(array_filter($without, is_string(...))))) {
            $this->move($table, [$id], $why);

            return;
        }
        if ($row !== null) {
            $this->keep($table, $row, Say::it('notebook/left-over.without-in-its-place', ['why' => $why]));
        }
        foreach (array_filter($without, is_string(...)) as $link) {
            $this->pdo->prepare('update ' . Sqlite::name($table) . ' set ' . Sqlite::name($link) . ' = null where rowid = ? and ' . Sqlite::name($link) . ' not in (select id from ' . Sqlite::name($parent) . ')')->execute([$id]);
        }
    }

    /**
     * Whether nothing is left that says what it was, once these are gone.
     *
     * @param array<string, mixed> $row
     * @param list<string>         $without columns
     */
    private static function needs(string $table, array $row, array $without): bool
    {
        $one = array_diff(Edition::ONE_OF[$table] ?? [], $without);

        return isset(Edition::ONE_OF[$table]) && array_filter($one, static fn(string $column): bool => ($row[$column] ?? null) !== null) === [];
    }

    /** @return array<string, mixed>|null */
    private function row(string $table, string $id): ?array
    {
        $found = $this->pdo->prepare('select * from ' . Sqlite::name($table) . ' where rowid = ?');
        $found->execute([$id]);
        $row = $found->fetch(PDO::FETCH_ASSOC);
        /** @var array<string, mixed>|false $row */
        return is_array($row) ? $row : null;
    }

    /** The later of records that may be there once: a unique index cannot be made over both. */
    public function twins(string $index): void
    {
        if (preg_match('/on\s+"?(\w+)"?\s*\((.+)\)/i', $index, $named) === 1) {
            $this->move($named[1], Sqlite::texts($this->pdo, "select rowid from {$named[1]} where rowid not in (select min(rowid) from {$named[1]} group by {$named[2]})"), Say::it('notebook/left-over.there-another-like'));
        }
    }

    /** @param list<string> $ids */
    private function move(string $table, array $ids, string $why): void
    {
        foreach ($ids as $id) {
            $row = $this->row($table, $id);
            if ($row !== null) {
                $this->keep($table, $row, $why);
                $this->pdo->prepare('delete from ' . Sqlite::name($table) . ' where rowid = ?')->execute([$id]);
            }
        }
    }
}
