<?php

declare(strict_types=1);

use App\Notebook\LeafPages;
use App\Notebook\RowReader;
use App\Notebook\Salvage;
use App\Notebook\Sqlite;
use Tests\Feature\Shelf;

/*
 * Pages of a notebook, held against what SQLite itself tells of them in dbstat (https://www.sqlite.org/dbstat.html): which page
 * belongs to what, and how many rows are on it.
 */

/** @return list<array{page: int, kind: string, rows: int}> pages of a table, by their numbers */
function pagesByDbstat(PDO $pdo, string $table): array
{
    $found = $pdo->prepare('select pageno, pagetype, ncell from dbstat where name = ? order by pageno');
    $found->execute([$table]);
    $pages = [];
    foreach ($found->fetchAll(PDO::FETCH_ASSOC) as $row) {
        assert(is_array($row) && is_numeric($row['pageno']) && is_string($row['pagetype']) && is_numeric($row['ncell']));
        $pages[] = ['page' => (int) $row['pageno'], 'kind' => $row['pagetype'], 'rows' => (int) $row['ncell']];
    }

    return $pages;
}

/** @return list<int> pages that fit a table, as a salvage asks for them */
function fittingPages(PDO $pdo, string $path, string $table): array
{
    $types = Sqlite::texts($pdo, "select lower(type) || iif(\"notnull\", ' not null', '') from pragma_table_info('{$table}')");
    $others = array_map(intval(...), Sqlite::texts($pdo, "select rootpage from sqlite_master where type = 'table' and name != '{$table}'"));

    return LeafPages::in($path)->fitting($types, $others);
}

/** A notebook with counts on many pages, written last, so that they are the end of its file. */
function manyCounts(int $many): Shelf
{
    $shelf = Shelf::filled(app());
    $shelf->change("with recursive some(n) as (select 1 union all select n + 1 from some where n < {$many}) insert into counts (submission, case_id, counted_at, value, notes) select 'made-' || n, 1, '2026-05-01 00:00:00', n, hex(zeroblob(100 + n % 60)) from some");
    Sqlite::fold($shelf->notebook);

    return $shelf;
}

/** @return list<int> what was counted, of those that were put in */
function countsRead(string $path): array
{
    return array_map(intval(...), Sqlite::texts(Sqlite::open($path), "select value from counts where submission like 'made-%' order by value"));
}

it('finds the pages of each table of a notebook, and no others', function (): void {
    $shelf = manyCounts(500);
    $pdo = Sqlite::open($shelf->notebook);
    foreach (Sqlite::tables($pdo) as $table) {
        $leaves = array_filter(pagesByDbstat($pdo, $table), static fn(array $page): bool => $page['kind'] === 'leaf' && $page['rows'] > 0);
        expect(fittingPages($pdo, $shelf->notebook, $table))->toBe(array_column($leaves, 'page'), $table);
    }
    expect(count(pagesByDbstat($pdo, 'counts')))->toBeGreaterThan(30);
});

it('finds them in pages of every size, with what was deleted left out', function (int $size): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'pages');
    $pdo = new PDO("sqlite:{$path}");
    $pdo->exec("pragma page_size = {$size}");
    // Elsewhere SQLite may leave what was deleted where it stood.
    $pdo->exec('pragma secure_delete = off');
    // Own numbers of one byte to eight, whole numbers of every width, none at all, texts of a few letters and of more than a page.
    $pdo->exec('create table mixed (id integer primary key, label varchar not null, whole integer, flag tinyint not null, measured double, told text)');
    $pdo->exec('create table twins (id integer primary key, label varchar not null, whole integer, flag tinyint not null, measured double, told text)');
    $pdo->exec('create table other (id integer primary key, measured double not null, label varchar)');
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
        $leaves = array_filter(pagesByDbstat($pdo, $table), static fn(array $page): bool => $page['kind'] === 'leaf' && $page['rows'] > 0);
        expect(fittingPages($pdo, $path, $table))->toBe(array_column($leaves, 'page'), $table);
    }
    expect(Sqlite::number($pdo, 'pragma freelist_count'))->toBeGreaterThan($size > 32_768 ? 0 : 10);
    unset($pdo);
    unlink($path);
})->with([[512], [1024], [4096], [65_536]]);

it('takes no page whose rows are of another make', function (string $another): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'pages');
    $pdo = new PDO("sqlite:{$path}");
    $pdo->exec('create table wanted (id integer primary key, label varchar not null, whole integer, measured double not null)');
    $pdo->exec($another);
    expect(LeafPages::in($path)->fitting(['integer', 'varchar not null', 'integer', 'double not null'], []))->toBe([]);
    unset($pdo);
    unlink($path);
})->with([
    'a text is missing' => ['create table another (id integer primary key, a text, b integer, c double); insert into another values (1, null, 2, 3.5)'],
    'a number for a text' => ['create table another (id integer primary key, a integer, b integer, c double); insert into another values (1, 4, 2, 3.5)'],
    'bytes for a text' => ["create table another (id integer primary key, a blob, b integer, c double); insert into another values (1, x'41', 2, 3.5)"],
    'a part for a whole number' => ["create table another (id integer primary key, a text, b double, c double); insert into another values (1, 'a', 2.5, 3.5)"],
    'a text for a whole number' => ["create table another (id integer primary key, a text, b text, c double); insert into another values (1, 'a', 'b', 3.5)"],
    'a text for a measured one' => ["create table another (id integer primary key, a text, b integer, c text); insert into another values (1, 'a', 2, 'c')"],
    'a column more' => ["create table another (id integer primary key, a text, b integer, c double, d text); insert into another values (1, 'a', 2, 3.5, 'd')"],
    'nothing but its number' => ['create table another (id integer primary key); insert into another values (1)'],
    'the second row does not fit' => ["create table another (id integer primary key, a text, b, c double); insert into another values (1, 'a', 2, 3.5), (2, 'a', 'b', 3.5)"],
]);

it('reads out all rows but those of the page that is gone', function (string $by): void {
    $shelf = manyCounts(300);
    $sound = (string) file_get_contents($shelf->notebook);
    $pdo = Sqlite::open($shelf->notebook);
    $all = countsRead($shelf->notebook);
    $others = ['plants' => 2, 'sprayers' => 1, 'cases' => 3, 'batches' => 3, 'leaf_tests' => 3, 'rounds' => 3];
    $pages = [...pagesByDbstat($pdo, 'counts'), ...array_slice(pagesByDbstat($pdo, 'counts_submission_unique'), 0, 3)];
    unset($pdo);
    $tried = 0;
    foreach ($pages as $n => $page) {
        // Each third of the many that are alike.
        if ($page['kind'] === 'leaf' && $n % 3 !== 0) {
            continue;
        }
        file_put_contents($shelf->notebook, $sound);
        $shelf->spoil($page['page'], $by);
        $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
        $isOfTable = $n < count($pages) - 3;
        $kept = countsRead("{$shelf->folder}/out.sqlite");
        expect($read->rows['counts'])->toBe(303 - ($isOfTable && $page['kind'] === 'leaf' ? $page['rows'] : 0), "page {$page['page']}, {$page['kind']}")
            ->and(array_intersect_key($read->rows, $others))->toEqual($others)
            ->and(array_diff($kept, $all))->toBe([])->and(array_unique($kept))->toBe($kept);
        ++$tried;
    }
    expect($tried)->toBeGreaterThan(8);
})->with(['zeros' => [str_repeat("\0", 4096)], 'noise' => [str_repeat("\xA5\x5A", 2048)]]);

it('reads what lies between two pages that are gone', function (): void {
    $shelf = manyCounts(300);
    $leaves = array_values(array_filter(pagesByDbstat(Sqlite::open($shelf->notebook), 'counts'), static fn(array $page): bool => $page['kind'] === 'leaf'));
    // The first and the last of four neighbours.
    foreach ([4, 7] as $n) {
        $shelf->spoil($leaves[$n]['page'], str_repeat("\0", 4096));
    }
    $whole = true;
    $rows = iterator_to_array((new RowReader(Sqlite::open($shelf->notebook)))->rows('counts', $whole));
    expect($whole)->toBeFalse()->and(count($rows))->toBe(303 - $leaves[4]['rows'] - $leaves[7]['rows'])
        ->and(array_map(static fn(array $row): mixed => $row['id'] ?? null, array_values($rows)))->toBe(array_keys($rows));
    $sound = manyCounts(20);
    expect(count(iterator_to_array((new RowReader(Sqlite::open($sound->notebook)))->rows('counts', $whole))))->toBe(23)->and($whole)->toBeTrue();
});

it('reads all rows before the place where a file was cut off', function (): void {
    $shelf = manyCounts(300);
    $sound = (string) file_get_contents($shelf->notebook);
    $pdo = Sqlite::open($shelf->notebook);
    $leaves = array_filter(pagesByDbstat($pdo, 'counts'), static fn(array $page): bool => $page['kind'] === 'leaf');
    unset($pdo);
    $last = intdiv(strlen($sound), 4096);
    foreach ([1, 4, 9] as $fewer) {
        file_put_contents($shelf->notebook, substr($sound, 0, 4096 * ($last - $fewer)));
        $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
        $gone = array_sum(array_column(array_filter($leaves, static fn(array $page): bool => $page['page'] > $last - $fewer), 'rows'));
        expect($read->rows['counts'])->toBe(303 - $gone)->and($read->rows['rounds'])->toBe(3)->and($fewer === 1 || $gone > 0)->toBeTrue();
    }
});
