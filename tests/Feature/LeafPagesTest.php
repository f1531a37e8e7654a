<?php

declare(strict_types=1);

use App\Notebook\Edition;
use App\Notebook\LeafPages;
use App\Notebook\Sqlite;
use Tests\Feature\Pages;
use Tests\Feature\Shelf;

/*
 * Files written by SQLite itself, of which it is known what stands on which page: the first holds what tables there are, the next the
 * top of each table in the order in which they were made; a table that outgrows its page has its rows on the pages behind.
 */

/** @return array{string, PDO} */
function pagesOf(int $size, string ...$statements): array
{
    $path = (string) tempnam(sys_get_temp_dir(), 'pages');
    register_shutdown_function(static fn() => @unlink($path));
    $pdo = new PDO("sqlite:{$path}");
    $pdo->exec("pragma page_size = {$size}");
    // Elsewhere SQLite may leave what was deleted where it stood.
    $pdo->exec('pragma secure_delete = off');
    foreach ($statements as $statement) {
        $pdo->exec($statement);
    }

    return [$path, $pdo];
}

/**
 * @param list<string> $types
 *
 * @return list<int>
 */
function pagesFound(string $path, array $types, int ...$others): array
{
    return LeafPages::in($path)->fitting($types, array_values($others));
}

const SOME_ROWS = 'with recursive n(i) as (select 1 union all select i + 1 from n where i < %d) insert into %s select i, i, hex(i) from n';

// How many bytes a number takes, and what is written in none: SQLite's file format, section 2.1.
it('knows which columns may hold what', function (string $type, string $value, bool $fits): void {
    [$path] = pagesOf(4096, 'create table one (id integer primary key, held)', "insert into one (held) values ({$value})");
    expect(pagesFound($path, ['integer not null', $type]))->toBe($fits ? [2] : []);
})->with(static function (): iterable {
    $numbers = ['0', '1', '2', '-1', '127', '-128', '128', '32767', '40000', '8388607', '8388608', '2147483647', '3000000000', '140737488355327', '140737488355328', '9223372036854775807'];
    foreach (['integer', 'integer not null', 'tinyint(1)', 'double', 'double not null'] as $type) {
        foreach ($numbers as $number) {
            yield "{$number} as {$type}" => [$type, $number, true];
        }
        yield "a text as {$type}" => [$type, "'x'", false];
        yield "nothing written as {$type}" => [$type, "''", false];
        yield "bytes as {$type}" => [$type, "x'00'", false];
    }
    foreach (['integer' => true, 'integer not null' => false, 'double' => true, 'double not null' => false, 'varchar' => true, 'varchar not null' => false] as $type => $fits) {
        yield "null as {$type}" => [$type, 'null', $fits];
    }
    foreach (['integer' => false, 'tinyint(1)' => false, 'double' => true, 'double not null' => true, 'varchar' => false, 'datetime' => false] as $type => $fits) {
        yield "a fraction as {$type}" => [$type, '1.5', $fits];
    }
    foreach (['varchar', 'varchar not null', 'text', 'datetime'] as $type) {
        foreach (["''" => true, "'x'" => true, "'ü'" => true, '0' => false, '1' => false, '2' => false, '3000000000' => false, "x'00'" => false, "x''" => false] as $value => $fits) {
            yield "{$value} as {$type}" => [$type, (string) $value, $fits];
        }
        yield "a long one as {$type}" => [$type, "'" . str_repeat('x', 3000) . "'", true];
        yield "one over several pages as {$type}" => [$type, "'" . str_repeat('x', 30_000) . "'", true];
    }
});

it('finds the pages of a table at every size of page', function (int $size): void {
    $types = ['integer not null', 'integer', 'varchar'];
    [$path, $pdo] = pagesOf($size, 'create table one (id integer primary key, n integer, t varchar)', sprintf(SOME_ROWS, 20_000, 'one'));
    $all = Sqlite::number($pdo, 'pragma page_count');
    $found = pagesFound($path, $types);
    // The second page is above the others, and so may a few more be; a row of it takes some twenty bytes.
    expect($found[0] ?? 0)->toBe(3)->and(count($found))->toBeLessThan($all - 1)->and(count($found))->toBeGreaterThan((int) (0.95 * $all) - 2);
    expect(end($found))->toBeLessThanOrEqual($all);
})->with([[512], [1024], [4096], [32_768], [65_536]]);

it('leaves out what other tables reach, and what is free', function (): void {
    $types = ['integer not null', 'integer', 'varchar'];
    [$path, $pdo] = pagesOf(512, 'create table one (id integer primary key, n integer, t varchar)', 'create table other (id integer primary key, n integer, t varchar)', sprintf(SOME_ROWS, 3000, 'one'));
    $ones = pagesFound($path, $types);
    $pdo->exec(sprintf(SOME_ROWS, 40_000, 'other'));
    expect(count(pagesFound($path, $types)))->toBeGreaterThan(10 * count($ones))
        // Above the pages of the other table stand two more storeys.
        ->and(pagesFound($path, $types, 3))->toBe($ones)
        ->and(array_intersect(pagesFound($path, $types, 2), $ones))->toBe([]);
    // A page that stands nowhere, twice or above itself is no reason to go round for ever.
    expect(pagesFound($path, $types, 3, 3, 0, 1, 99_999_999))->toBe($ones);
    $pdo->exec('drop table other');
    expect(Sqlite::number($pdo, 'pragma freelist_count'))->toBeGreaterThan(250)
        ->and(pagesFound($path, $types))->toBe($ones);
});

it('takes rows from before a column was added, and none with a column too many or by itself', function (): void {
    [$path, $pdo] = pagesOf(4096, 'create table one (id integer primary key, a integer, b varchar)', "insert into one values (1, 2, 'x')", 'alter table one add column c integer', 'create table by_itself (id integer primary key)', 'insert into by_itself values (1)', 'create table none (id integer primary key, a integer)');
    expect(pagesFound($path, ['integer not null', 'integer', 'varchar', 'integer']))->toBe([2])
        ->and(pagesFound($path, ['integer not null', 'integer', 'varchar']))->toBe([2])
        ->and(pagesFound($path, ['integer not null', 'integer']))->toBe([])
        ->and(pagesFound($path, ['integer not null']))->toBe([]);
    $pdo->exec('insert into one values (2, 3, null, 4)');
    expect(pagesFound($path, ['integer not null', 'integer', 'varchar', 'integer']))->toBe([2])
        ->and(pagesFound($path, ['integer not null', 'integer', 'varchar']))->toBe([])
        ->and(pagesFound($path, ['integer not null', 'integer', 'varchar not null', 'integer']))->toBe([]);
});

// A number below nothing takes nine bytes, and all of the last one.
it('reads the numbers of rows, however long they are', function (string $number): void {
    [$path] = pagesOf(4096, 'create table one (id integer primary key, n integer)', "insert into one values ({$number}, 7)");
    expect(pagesFound($path, ['integer not null', 'integer']))->toBe([2])->and(pagesFound($path, ['integer not null', 'varchar']))->toBe([]);
})->with(['-5', '-9223372036854775808', '0', '127', '128', '16384', '2097152', '72057594037927936', '9223372036854775807']);

it('takes a page of which every row is the same', function (): void {
    [$path] = pagesOf(4096, 'create table one (id integer primary key, n integer, t varchar)', sprintf(SOME_ROWS, 5, 'one'));
    $file = (string) file_get_contents($path);
    $page = substr_replace(substr_replace(substr($file, 4096, 4096), str_repeat("\x06\x01", 5), 8, 10), "\x06\x01\x04\0\x01\x0F\x2A\x78", 0x601, 8);
    file_put_contents($path, substr($file, 0, 4096) . $page . substr($file, 8192));
    expect(pagesFound($path, ['integer not null', 'integer', 'varchar']))->toBe([2]);
});

it('takes no page of which one row does not fit, or that points out of itself', function (Closure $spoil): void {
    $types = ['integer not null', 'integer', 'varchar'];
    [$path] = pagesOf(4096, 'create table one (id integer primary key, n integer, t varchar)', sprintf(SOME_ROWS, 5, 'one'));
    expect(pagesFound($path, $types))->toBe([2]);
    $file = (string) file_get_contents($path);
    $page = $spoil(substr($file, 4096, 4096));
    assert(is_string($page));
    file_put_contents($path, substr($file, 0, 4096) . $page . substr($file, 8192));
    expect(pagesFound($path, $types))->toBe([]);
})->with([
    'another kind of page' => [static fn(string $page): string => "\x0A" . substr($page, 1)],
    'no rows' => [static fn(string $page): string => substr($page, 0, 3) . "\0\0" . substr($page, 5)],
    'more rows than fit' => [static fn(string $page): string => substr($page, 0, 3) . "\x04\x01" . substr($page, 5)],
    'a row among the pointers' => [static fn(string $page): string => substr($page, 0, 8) . "\0\x11" . substr($page, 10)],
    // Six bytes of a row: its number 1, a header of four, no number, a text of one letter.
    'a row among the pointers that would fit' => [static fn(string $page): string => substr_replace(substr_replace($page, "\0\x10" . str_repeat("\x06\x01", 3) . "\x06\x01\x04\0\x01\x0F\x2A\x78", 8, 16), "\x06\x01\x04\0\x01\x0F\x2A\x78", 0x601, 8)],
    'a row behind the page' => [static fn(string $page): string => substr($page, 0, 8) . "\x10\0" . substr($page, 10)],
    'the last pointer astray' => [static fn(string $page): string => substr($page, 0, 16) . "\xFF\xFF" . substr($page, 18)],
    'nothing at all' => [static fn(string $page): string => str_repeat("\0", 4096)],
]);

it('finds nothing in a file that is none, and in a short one', function (string $bytes): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'pages');
    file_put_contents($path, $bytes);
    expect(pagesFound($path, ['integer not null', 'integer']))->toBe([]);
    unlink($path);
})->with(['empty' => [''], 'a word' => ['notebook'], 'noughts' => [str_repeat("\0", 9000)], 'the highest bytes' => [str_repeat("\xFF", 9000)]]);

/** @return list<int> as a salvage asks for them */
function pagesOfTable(PDO $pdo, string $path, string $table): array
{
    $types = Sqlite::texts($pdo, "select lower(type) || iif(\"notnull\", ' not null', '') from pragma_table_info('{$table}')");

    return pagesFound($path, $types, ...array_map(intval(...), Sqlite::texts($pdo, "select rootpage from sqlite_master where type = 'table' and name != '{$table}'")));
}

it('finds the pages of each table of a notebook, and no others', function (): void {
    $shelf = Shelf::withCounts(app(), 500);
    $pdo = Sqlite::open($shelf->notebook);
    // What is reckoned from the others is made anew, and nobody looks for its pages.
    foreach (array_diff(Sqlite::tables($pdo), Edition::RECKONED) as $table) {
        expect(pagesOfTable($pdo, $shelf->notebook, $table))->toBe(array_column(Pages::leaves($pdo, $table), 'page'), $table);
    }
    expect(count(Pages::of($pdo, 'counts')))->toBeGreaterThan(30);
});

it('finds them in pages of every size, whatever is in them, with what was deleted left out', function (int $size): void {
    // Own numbers of one byte to eight, whole numbers of every width, none at all, texts of a few letters and of more than a page.
    $like = '(id integer primary key, label varchar not null, whole integer, flag tinyint not null, measured double, told text)';
    [$path, $pdo] = pagesOf($size, "create table mixed {$like}", "create table twins {$like}", 'create table other (id integer primary key, measured double not null, label varchar)');
    $put = static function (string $table, int $from, int $to) use ($pdo): void {
        $pdo->beginTransaction();
        for ($n = $from; $n <= $to; ++$n) {
            $whole = [0, 1, -7, 300, 70_000, 9_000_000, 3_000_000_000, 2 ** 50, null][$n % 9];
            $pdo->prepare("insert into {$table} (id, label, whole, flag, measured, told) values (?, ?, ?, ?, ?, ?)")->execute([$n % 50 === 0 ? $n * 2 ** 40 : $n, "row {$n}", $whole, $n % 2, $n % 5 === 0 ? 3 : $n / 7, $n % 4 === 0 ? null : str_repeat('ä', $n % 40 === 1 ? 300 : $n % 35)]);
        }
        $pdo->commit();
    };
    $put('mixed', 1, 1500);
    $put('twins', 1, 200);
    for ($n = 1; $n <= 60; ++$n) {
        $pdo->prepare('insert into other values (?, ?, ?)')->execute([$n, $n / 3, "row {$n}"]);
    }
    $pdo->exec('alter table mixed add column later text');
    $pdo->exec('delete from mixed where id between 200 and 1300');
    $put('mixed', 1501, 1510);
    foreach (['mixed', 'twins', 'other'] as $table) {
        expect(pagesOfTable($pdo, $path, $table))->toBe(array_column(Pages::leaves($pdo, $table), 'page'), $table);
    }
    expect(Sqlite::number($pdo, 'pragma freelist_count'))->toBeGreaterThan($size > 32_768 ? 0 : 10);
})->with([[512], [1024], [4096], [65_536]]);
