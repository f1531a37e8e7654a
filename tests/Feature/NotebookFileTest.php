<?php

declare(strict_types=1);

use App\Notebook\Condition;
use App\Notebook\Copier;
use App\Notebook\Copies;
use App\Notebook\Edition;
use App\Notebook\InPlace;
use App\Notebook\Inspector;
use App\Notebook\NotebookConnection;
use App\Notebook\Opened;
use App\Notebook\Opening;
use App\Notebook\Places;
use App\Notebook\Refused;
use App\Notebook\Restoring;
use App\Notebook\Salvage;
use App\Notebook\Sqlite;
use App\Notebook\StoreFault;
use App\Notebook\StoreTrouble;
use App\Notebook\Turn;
use App\Records\Together;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Shelf;

/*
 * The notebook as a file: what it is, its copies, what can be read of a damaged one. Files of SQLite are spoiled after
 * https://www.sqlite.org/fileformat.html; how it goes in a terminal is walked in tests/Faults.
 */

/** What is left of a batch whose document is gone. */
const WITHOUT_A_BATCH = ['batches' => 2, 'leaf_tests' => 2, 'rounds' => 2];

const LOST_BATCH = [
    'batches: document is overwritten' => 1,
    'batch_items: it belongs to one of batches that is not there' => 2,
    'leaf_tests: it belongs to one of batches that is not there' => 1,
    'rounds: it belongs to one of batches that is not there' => 1,
    'batch_scoops: it belongs to one of batch_items that is not there' => 3,
    'batch_ticks: it belongs to one of batch_scoops that is not there' => 3,
];

const NOON = '2026-06-01T12:00:00Z';

function at(string $when = NOON): DateTimeImmutable
{
    return new DateTimeImmutable($when);
}

it('tells what stands at the place of a notebook', function (Condition $condition, string $detail, Closure $put): void {
    $shelf = Shelf::filled(app());
    $put($shelf);
    $found = $shelf->make(Inspector::class)->look($shelf->notebook);
    expect($found->condition)->toBe($condition)->and($found->detail)->toMatch($detail);
})->with([
    'sound' => [Condition::Sound, '/\A\z/', static fn(Shelf $shelf) => null],
    'nothing' => [Condition::Absent, '/\A\z/', static fn(Shelf $shelf) => unlink($shelf->notebook)],
    'empty' => [Condition::Emptied, '/\A\z/', static fn(Shelf $shelf) => file_put_contents($shelf->notebook, '')],
    'a folder' => [Condition::Foreign, '/\Ait is a folder\z/', static function (Shelf $shelf): void {
        unlink($shelf->notebook);
        mkdir($shelf->notebook);
    }],
    'a letter' => [Condition::Foreign, '/\Ait is no file of SQLite\z/', static fn(Shelf $shelf) => file_put_contents($shelf->notebook, 'Dear neighbour, ' . str_repeat('x', 9000))],
    'another program' => [Condition::Foreign, '/\Ait is a file of another program\z/', static function (Shelf $shelf): void {
        unlink($shelf->notebook);
        $shelf->change('create table cakes (id integer)');
    }],
    'another program that is damaged' => [Condition::Foreign, '/\Ait is no notebook that can be read\z/', static function (Shelf $shelf): void {
        file_put_contents($shelf->notebook, Sqlite::HEADER . str_repeat("\x11", 5000));
    }],
    'older' => [Condition::Older, '/\A\z/', static function (Shelf $shelf): void {
        unlink($shelf->notebook);
        $shelf->older();
    }],
    'newer by its steps' => [Condition::Newer, '/\A' . (Shelf::version() + 1) . '\z/', static fn(Shelf $shelf) => $shelf->change("insert into migrations (migration, batch) values ('2040_01_01_000001_more', 2)")],
    'newer by its header' => [Condition::Newer, '/\A77\z/', static fn(Shelf $shelf) => $shelf->change('pragma user_version = 77')],
    'a page is noise' => [Condition::Damaged, '/\Apage \d+ of its file cannot be read\z/', static fn(Shelf $shelf) => $shelf->spoil($shelf->rootOf('plants'), random_bytes(4096))],
    'the beginning is gone' => [Condition::Damaged, '/\Aits beginning is overwritten\z/', static fn(Shelf $shelf) => $shelf->spoil(1, str_repeat("\0", 100))],
    'a table is gone' => [Condition::Damaged, '/\Atables are missing in it: watches\z/', static fn(Shelf $shelf) => $shelf->change('drop table watches')],
    'the first of all tables is gone' => [Condition::Damaged, '/\Atables are missing in it\z/', static fn(Shelf $shelf) => $shelf->change('drop table plants')],
    'a parent is gone' => [Condition::Damaged, '/\Arecords have lost what they belong to\z/', static fn(Shelf $shelf) => $shelf->change('delete from plants where id = 1')],
    'a document is gone' => [Condition::Patchy, '/\Awhat stands in batches is overwritten\z/', static fn(Shelf $shelf) => $shelf->change("update batches set document = '{' where id = 2")],
    'an index does not fit' => [Condition::Damaged, '/\Aits index plants_submission_unique does not fit what it holds\z/', static fn(Shelf $shelf) => $shelf->change("pragma writable_schema = on; update sqlite_master set sql = 'CREATE UNIQUE INDEX \"plants_submission_unique\" on \"plants\" (\"name\")' where name = 'plants_submission_unique'")],
]);

it('makes copies that are one file, sound, and marked as copies', function (): void {
    $shelf = Shelf::filled(app());
    $writing = Sqlite::open($shelf->notebook);
    $writing->exec('pragma journal_mode = wal');
    $writing->exec("update plants set name = 'Written last' where id = 2");
    // What one that was killed left behind is no hindrance.
    mkdir("{$shelf->folder}/copies");
    file_put_contents("{$shelf->folder}/copies/backup-20260601-120000.sqlite.half", 'the beginning of a copy');
    $copy = $shelf->make(Copies::class)->make('backup', at());
    expect($copy)->toBe("{$shelf->folder}/copies/backup-20260601-120000.sqlite")
        ->and(glob("{$shelf->folder}/copies/*"))->toBe([$copy])
        ->and(Sqlite::texts(Sqlite::open($copy), 'select name from plants order by id'))->toBe(['Aster', 'Written last'])
        ->and(Sqlite::texts(Sqlite::open($copy), 'select mark from notebook')[0])->toStartWith('copy-')
        ->and($shelf->make(Inspector::class)->look($copy)->condition)->toBe(Condition::Sound)
        // In the same second another name is free.
        ->and($shelf->make(Copies::class)->make('backup', at()))->toBe("{$shelf->folder}/copies/backup-20260601-120000-2.sqlite");
});

it('makes no copy of what is damaged, and leaves none by half', function (): void {
    $shelf = Shelf::filled(app());
    $shelf->change('delete from plants where id = 1');
    mkdir("{$shelf->folder}/copies");
    expect(static fn() => $shelf->make(Copier::class)->copy($shelf->notebook, "{$shelf->folder}/copies/one.sqlite"))->toThrow(StoreFault::class, 'was not made: records have lost what they belong to')
        ->and(glob("{$shelf->folder}/copies/*"))->toBe([]);
    $shelf->spoil($shelf->rootOf('cases'), random_bytes(4096));
    expect(static fn() => $shelf->make(Copier::class)->copy($shelf->notebook, "{$shelf->folder}/copies/one.sqlite"))->toThrow(StoreFault::class, 'was not made')
        ->and(glob("{$shelf->folder}/copies/*"))->toBe([]);
});

it('keeps one copy a day, and seven days', function (): void {
    $shelf = Shelf::filled(app());
    $copies = $shelf->make(Copies::class);
    expect($copies->newest())->toBeNull();
    for ($day = 1; $day <= 9; ++$day) {
        expect($copies->daily(at("2026-06-0{$day}T12:00:00Z")))->toBe("{$shelf->folder}/copies/daily-2026-06-0{$day}.sqlite")
            ->and($copies->daily(at("2026-06-0{$day}T18:00:00Z")))->toBeNull();
    }
    $names = array_map(basename(...), array_filter((array) glob("{$shelf->folder}/copies/*"), is_string(...)));
    expect($names)->toBe(array_map(static fn(int $day): string => "daily-2026-06-0{$day}.sqlite", range(3, 9)));
    touch("{$shelf->folder}/copies/daily-2026-06-05.sqlite", time() + 60);
    expect(basename((string) $copies->newest()))->toBe('daily-2026-06-05.sqlite');
    // One that does not open is none to go back to, and neither is what was read out of a damaged one.
    file_put_contents("{$shelf->folder}/copies/daily-2026-06-05.sqlite", '');
    copy($shelf->notebook, "{$shelf->folder}/copies/rescued-1.sqlite");
    touch("{$shelf->folder}/copies/daily-2026-06-07.sqlite", time() + 30);
    touch("{$shelf->folder}/copies/rescued-1.sqlite", time() + 90);
    expect(basename((string) $copies->newest()))->toBe('daily-2026-06-07.sqlite');
});

it('sets aside what cannot be copied, with its log, and copies what can', function (): void {
    $shelf = Shelf::filled(app());
    expect($shelf->make(Copies::class)->setAside('before-fresh', at()))->toBe("{$shelf->folder}/copies/before-fresh-20260601-120000.sqlite")
        ->and(is_file($shelf->notebook))->toBeTrue();
    file_put_contents($shelf->notebook, 'Dear neighbour');
    file_put_contents("{$shelf->notebook}-wal", 'log');
    $aside = $shelf->make(Copies::class)->setAside('before-fresh', at());
    expect(file_get_contents((string) $aside))->toBe('Dear neighbour')->and(file_get_contents("{$aside}-wal"))->toBe('log')
        ->and(glob("{$shelf->notebook}*"))->toBe([])
        ->and($shelf->make(Copies::class)->setAside('before-fresh', at()))->toBeNull();
});

it('reads out of a damaged notebook what can be read', function (array $rows, ?array $leftOver, Closure $damage): void {
    $shelf = Shelf::filled(app());
    $damage($shelf);
    $to = "{$shelf->folder}/out.sqlite";
    $read = $shelf->make(Salvage::class)->out($shelf->notebook, $to);
    $out = Sqlite::open($to);
    $expected = [...['plants' => 2, 'sprayers' => 1, 'cases' => 3, 'batches' => 3, 'leaf_tests' => 3, 'rounds' => 3, 'counts' => 3], ...$rows];
    expect(array_intersect_key($read->rows, $expected))->toEqual($expected)
        ->and($shelf->make(Inspector::class)->look($to)->condition)->toBe(Condition::Sound)
        ->and($read->leftOver)->toBe(count(Sqlite::texts($out, 'select record from left_over')))
        // What was weighed before may not hold any more.
        ->and(Sqlite::number($out, 'select count(*) from stale_cases'))->toBe($expected['cases'])
        ->and(glob("{$to}*"))->toBe([$to]);
    $told = array_count_values(Sqlite::texts($out, "select record || ': ' || why from left_over"));
    $leftOver === null
        ? expect($told)->toHaveKey('batches: mixed is overwritten; without it, it is in its place')->and(array_filter(array_keys($told), static fn(string $why): bool => preg_match('/^batches: \w+ is overwritten; without it, it is in its place$/', $why) !== 1))->toBe([])
        : expect($told)->toEqual($leftOver);
})->with([
    'nothing is wrong with it' => [[], [], static fn(Shelf $shelf) => null],
    'its header is gone' => [[], [], static fn(Shelf $shelf) => $shelf->spoil(1, str_repeat("\xff", 100))],
    'its first page is gone' => [[], [], static fn(Shelf $shelf) => $shelf->spoil(1, str_repeat("\0", 4096))],
    // On the last page ends what went into the last batch: how much of it hangs on how long its sentences are.
    'its end is cut off' => [[], null, static fn(Shelf $shelf) => file_put_contents($shelf->notebook, substr((string) file_get_contents($shelf->notebook), 0, -400))],
    'the page above the pages of a table is gone' => [[], [], static function (Shelf $shelf): void {
        $shelf->spoil($shelf->rootOf('batches'), str_repeat("\0", 4096));
    }],
    'all plants are gone' => [['plants' => 1], [], static fn(Shelf $shelf) => $shelf->spoil($shelf->rootOf('plants'), str_repeat("\0", 4096))],
    'all sprayers are gone' => [['sprayers' => 0], ['batches: it belongs to one of sprayers that is not there; without it, it is in its place' => 3], static fn(Shelf $shelf) => $shelf->spoil($shelf->rootOf('sprayers'), str_repeat("\0", 4096))],
    'all versions of recipes are gone' => [['recipe_versions' => 1], [], static fn(Shelf $shelf) => $shelf->spoil($shelf->rootOf('recipe_versions'), str_repeat("\0", 4096))],
    'one case is gone' => [['cases' => 2, 'rounds' => 2, 'counts' => 2], ['batches: it belongs to one of cases that is not there; without it, it is in its place' => 1, 'rounds: it belongs to one of cases that is not there' => 1, 'counts: it belongs to one of cases that is not there' => 1], static fn(Shelf $shelf) => $shelf->change('delete from cases where id = 2')],
    'a document is no document' => [WITHOUT_A_BATCH, LOST_BATCH, static fn(Shelf $shelf) => $shelf->change("update batches set document = 'x' where id = 2")],
    'what was measured is no document' => [[], ['sprayers: pours is overwritten; without it, it is in its place' => 1], static fn(Shelf $shelf) => $shelf->change("update sprayers set pours = '['")],
    'a table is gone' => [[], [], static fn(Shelf $shelf) => $shelf->change('drop table watches')],
    'two have one key' => [['counts' => 2], ['counts: there is another like it' => 1], static fn(Shelf $shelf) => $shelf->change("drop index counts_submission_unique; update counts set submission = (select submission from counts where id = 1) where id = 2; create index counts_submission_unique on counts (submission); pragma writable_schema = on; update sqlite_master set sql = 'CREATE UNIQUE INDEX \"counts_submission_unique\" on \"counts\" (\"submission\")' where name = 'counts_submission_unique'")],
]);

it('brings nothing back that was deleted, and finds all that was not', function (): void {
    $shelf = Shelf::filled(app());
    $count = "insert into counts (submission, case_id, counted_at, value) select hex(randomblob(16)), 1, '2026-05-01 00:00:00', value from generate";
    $many = 'with recursive generate(value) as (select %d union all select value + 1 from generate where value < %d)';
    // Some pages full of counts, of which the first half is deleted: their pages are free, and still hold what stood there.
    $shelf->change(sprintf($many, 1000, 3999) . " {$count}");
    $shelf->change('delete from counts where value between 1000 and 2999');
    expect($shelf->number('pragma freelist_count'))->toBeGreaterThan(20);
    $shelf->spoil($shelf->rootOf('counts'), str_repeat("\0", 4096));
    $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
    $out = Sqlite::open("{$shelf->folder}/out.sqlite");
    expect($read->rows['counts'])->toBe(1003)
        ->and(Sqlite::number($out, 'select count(*) from counts where value between 1000 and 2999'))->toBe(0)
        ->and(Sqlite::number($out, 'select sum(value) from counts where value >= 3000'))->toBe(intdiv((3000 + 3999) * 1000, 2))
        ->and($read->leftOver)->toBe(0);
});

it('names what could not be read out, by the numbers that its rows were given and by the newest copy', function (string $said, Closure $damage): void {
    $shelf = Shelf::filled(app());
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    $damage($shelf);
    $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
    expect($read->words($shelf->make(Copies::class)->newest()))->toBe($said);
})->with([
    'nothing is' => ['2 plants, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 3 counts', static fn(Shelf $shelf) => $shelf->spoil(1, str_repeat("\xff", 100))],
    // A stand-in is there for each plant that something hangs on.
    'its plants, and a copy is at hand' => ['1 plant, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 3 counts; not in it: 2 plants (“Aster”, “Borage”)', static fn(Shelf $shelf) => $shelf->spoil($shelf->rootOf('plants'), str_repeat("\0", 4096))],
    // Before a restore there stood another one here: its plants bear the same numbers.
    'its plants, and the copy is of another notebook' => ['1 plant, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 3 counts; not in it: 2 plants', static function (Shelf $shelf): void {
        $shelf->spoil($shelf->rootOf('plants'), str_repeat("\0", 4096));
        foreach ((array) glob("{$shelf->folder}/copies/*.sqlite") as $copy) {
            Sqlite::open((string) $copy)->exec("update counts set submission = 'of-another-' || id");
        }
    }],
    'its plants, and there is no copy' => ['1 plant, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 3 counts; not in it: 2 plants', static function (Shelf $shelf): void {
        $shelf->spoil($shelf->rootOf('plants'), str_repeat("\0", 4096));
        exec('rm -rf ' . escapeshellarg("{$shelf->folder}/copies"));
    }],
    'counts in the midst and at the end' => ['2 plants, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 1 count; not in it: 2 counts', static fn(Shelf $shelf) => $shelf->change('delete from counts where id in (2, 3)')],
    'a number that was overwritten tells nothing' => ['2 plants, 3 cases, 3 batches, 3 leaf tests, 3 rounds, 3 counts', static fn(Shelf $shelf) => $shelf->change("update sqlite_sequence set seq = 9000000000 where name = 'counts'")],
]);

it('finds nothing in what never was a notebook', function (): void {
    $shelf = Shelf::filled(app());
    file_put_contents($shelf->notebook, random_bytes(20_000));
    expect(static fn() => $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite"))->toThrow(StoreFault::class, 'Nothing could be read out of it')
        ->and(glob("{$shelf->folder}/out*"))->toBe([]);
});

it('opens a new one, with and without the demo, and marks it', function (): void {
    $shelf = Shelf::bare(app());
    expect($shelf->make(Opening::class)->open(at(), fresh: false, demo: false))->toBe([])
        ->and($shelf->number('select count(*) from plants'))->toBe(0)
        ->and($shelf->number('pragma user_version'))->toBe(Shelf::version())
        ->and($shelf->number('pragma application_id'))->toBe(Edition::APPLICATION)
        ->and(file_exists("{$shelf->notebook}-wal"))->toBeFalse()
        ->and(is_file("{$shelf->folder}/copies/daily-2026-06-01.sqlite"))->toBeTrue();
    $first = $shelf->places()->opened();
    expect($first?->file)->toBe(Places::fileAt($shelf->notebook))->and(Sqlite::texts(Sqlite::open($shelf->notebook), 'select mark from notebook'))->toBe([$first?->mark]);
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    expect($shelf->places()->opened()?->mark)->not->toBe($first?->mark);
    [$said] = $shelf->make(Opening::class)->open(at(), fresh: true, demo: true);
    expect($said)->toBe("What was in the notebook is kept in {$shelf->folder}/copies/before-fresh-20260601-120000.sqlite")
        ->and($shelf->number('select count(*) from plants'))->toBe(10);
});

it('brings an older one forward, and keeps it as it was', function (): void {
    $shelf = Shelf::bare(app());
    $shelf->older();
    $copy = "{$shelf->folder}/copies/before-version-" . Shelf::version() . '-20260601-120000.sqlite';
    expect($shelf->make(Opening::class)->open(at(), fresh: false, demo: false))->toBe(["The notebook was of an earlier version and was brought forward; as it was before, it is kept in {$copy}"])
        ->and(Sqlite::number(Sqlite::open($copy), 'select count(*) from migrations'))->toBe(9)
        ->and($shelf->number('select count(*) from migrations'))->toBe(Shelf::version());
});

it('leaves what is there where it is when a fresh one cannot be made', function (): void {
    $shelf = Shelf::filled(app());
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    $shelf->change('delete from cases where id = 2');
    $damaged = file_get_contents($shelf->notebook);
    mkdir("{$shelf->notebook}.half");
    touch("{$shelf->notebook}.half/taken");
    expect(static fn() => $shelf->make(Opening::class)->open(at(), fresh: true, demo: false))->toThrow(PDOException::class)
        ->and(file_get_contents($shelf->notebook))->toBe($damaged)
        ->and(glob("{$shelf->folder}/copies/before-fresh-*"))->toBe([]);
});

it('goes on when the copy of today cannot be made, and says so', function (): void {
    $shelf = Shelf::filled(app());
    file_put_contents("{$shelf->folder}/copies", 'in the way');
    [$said] = $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    expect($said)->toStartWith("Today's copy of the notebook could not be made. ")->toContain("{$shelf->folder}/copies could not be made.");
});

it('begins anew where a start before it was cut off in the midst', function (): void {
    $shelf = Shelf::bare(app());
    file_put_contents("{$shelf->notebook}.half", 'half of a notebook');
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    expect(Sqlite::texts(Sqlite::open($shelf->notebook), 'select name from plants'))->toBe([])->and(file_exists("{$shelf->notebook}.half"))->toBeFalse();
});

it('says in a sentence why it does not open, and the way back', function (string $sentence, Closure $put): void {
    $shelf = Shelf::filled(app());
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    $daily = "{$shelf->folder}/copies/daily-2026-06-01.sqlite";
    touch($daily, at('2026-06-01T09:30:00Z')->getTimestamp());
    $put($shelf);
    $expected = strtr($sentence, ['{notebook}' => $shelf->notebook, '{copies}' => "{$shelf->folder}/copies", '{daily}' => "1 June 2026, 09:30 UTC: ./start --restore {$daily}."]);
    try {
        $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
        $said = 'it was opened';
    } catch (Refused $refused) {
        $said = (string) preg_replace('/rescued-[0-9a-f]{8}/', 'rescued-N', $refused->getMessage());
    }
    expect($said)->toBe($expected);
})->with([
    ['The notebook {notebook} is gone: there was one when it was started last. Put the file back, or go back to the newest copy, of {daily} Without a copy, ./start --fresh begins anew.', static fn(Shelf $shelf) => unlink($shelf->notebook)],
    ['The notebook {notebook} is an empty file: all that was in it is gone. The way back is the newest copy, of {daily} Without a copy, ./start --fresh begins anew.', static fn(Shelf $shelf) => file_put_contents($shelf->notebook, '')],
    ['{notebook} is not a notebook of Idle Mixer: it is no file of SQLite. Move it elsewhere, or go back to the newest copy of the notebook, of {daily} Or begin anew with ./start --fresh, which keeps it as a copy.', static fn(Shelf $shelf) => file_put_contents($shelf->notebook, 'Dear neighbour')],
    ['The notebook {notebook} was written by a newer Idle Mixer: it is of notebook version 99, and this one reads up to version ' . Shelf::version() . '. Start the newer one, or go back to the newest copy that this one reads, of {daily}', static fn(Shelf $shelf) => $shelf->change('pragma user_version = 99')],
    ['The notebook {notebook} is damaged: records have lost what they belong to. What can be read of it was copied to {copies}/rescued-N.sqlite: 2 plants, 2 cases, 3 batches, 3 leaf tests, 2 rounds, 2 counts; not in it: 1 case; 3 records have lost what they belong to and are kept in its table left_over. The way back: ./start --restore {copies}/rescued-N.sqlite, or go back to the newest copy, of {daily} The damaged file is kept as it is.', static fn(Shelf $shelf) => $shelf->change('delete from cases where id = 2')],
    ['The notebook {notebook} is damaged: records have lost what they belong to. What can be read of it could not be copied out: The file of the notebook cannot be read or written: its disk may be gone or failing. Look to that disk, then try again. The way back is the newest copy, of {daily} The damaged file is kept as it is.', static function (Shelf $shelf): void {
        $shelf->change('delete from cases where id = 2');
        mkdir("{$shelf->folder}/copies/rescued-" . substr((string) hash_file('sha256', $shelf->notebook), 0, 8) . '.sqlite');
    }],
    ['The notebook {notebook} is gone: there was one when it was started last. Put the file back. Without a copy, ./start --fresh begins anew.', static function (Shelf $shelf): void {
        unlink($shelf->notebook);
        exec('rm -rf ' . escapeshellarg("{$shelf->folder}/copies"));
    }],
]);

/** @return list<int> pages on which the list of tables stands, wherever in the file */
function pagesOfTheList(Shelf $shelf): array
{
    $pages = str_split((string) file_get_contents($shelf->notebook), 4096);

    return array_values(array_unique([1, ...array_map(static fn(int $at): int => $at + 1, array_keys(array_filter($pages, static fn(string $page): bool => $page[0] === "\x0D" && (str_contains($page, 'CREATE TABLE "') || str_contains($page, 'CREATE UNIQUE INDEX "')))))]));
}

it('reads out of a notebook that was restored what can be read, though the list of its tables is gone', function (bool $known): void {
    $shelf = Shelf::filled(app());
    $opening = $shelf->make(Opening::class);
    $opening->open(at(), fresh: false, demo: false);
    $copy = $shelf->make(Copies::class)->make('backup', at());
    $shelf->make(Restoring::class)->restore($copy, at());
    $opening->open(at(), fresh: false, demo: false);
    $pages = pagesOfTheList($shelf);
    expect(count($pages))->toBeGreaterThan(3);
    foreach ($pages as $page) {
        $shelf->spoil($page, str_repeat("\0", 4096));
    }
    if (! $known) {
        unlink("{$shelf->folder}/serve/layout.json");
    }
    $read = $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
    expect(array_intersect_key($read->rows, ['cases' => 0, 'batches' => 0, 'leaf_tests' => 0, 'counts' => 0, 'plants' => 0]))->toEqual(['plants' => 2, 'cases' => 3, 'batches' => 3, 'leaf_tests' => 3, 'counts' => 3]);
})->with(['as it was when it was opened last' => [true], 'where nobody wrote that down' => [false]]);

it('puts no table at the pages of another, whichever page of the list is gone in a notebook that was restored', function (string $by): void {
    $shelf = Shelf::filled(app());
    $opening = $shelf->make(Opening::class);
    $opening->open(at(), fresh: false, demo: false);
    // As a notebook grows: its pages lie otherwise than those of a new one once it is copied.
    $shelf->make(Restoring::class)->restore($shelf->make(Copies::class)->make('backup', at()), at());
    $opening->open(at(), fresh: false, demo: false);
    $rows = static function (string $path): array {
        $pdo = Sqlite::open($path);
        $all = [];
        foreach (array_diff(Sqlite::tables($pdo), ['notebook', 'migrations', 'left_over', ...Edition::RECKONED]) as $table) {
            $read = $pdo->query("select * from \"{$table}\" order by 1, 2");
            $all[$table] = $read === false ? [] : $read->fetchAll();
        }

        return $all;
    };
    $whole = $rows($shelf->notebook);
    $file = (string) file_get_contents($shelf->notebook);
    foreach (pagesOfTheList($shelf) as $page) {
        file_put_contents($shelf->notebook, $file);
        $shelf->spoil($page, $by === '' ? random_bytes(4096) : $by);
        $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
        expect($rows("{$shelf->folder}/out.sqlite"))->toEqual($whole, "page {$page}");
    }
})->with(['emptied' => [str_repeat("\0", 4096)], 'overwritten' => ['']]);

it('reads what is in the log beside a notebook whose first page is gone', function (bool $restored): void {
    $shelf = Shelf::filled(app());
    $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    if ($restored) {
        $shelf->make(Restoring::class)->restore($shelf->make(Copies::class)->make('backup', at()), at());
        $shelf->make(Opening::class)->open(at(), fresh: false, demo: false);
    }
    $writing = Sqlite::open($shelf->notebook);
    $writing->exec('pragma journal_mode = wal');
    $writing->exec("update plants set name = 'Written last' where id = 2");
    $kept = "{$shelf->folder}/kept";
    copy("{$shelf->notebook}-wal", "{$kept}-wal");
    copy($shelf->notebook, $kept);
    unset($writing);
    foreach (['', '-wal'] as $beside) {
        copy("{$kept}{$beside}", "{$shelf->notebook}{$beside}");
    }
    @unlink("{$shelf->notebook}-shm");
    $shelf->spoil(1, str_repeat("\0", 4096));
    $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
    expect(Sqlite::texts(Sqlite::open("{$shelf->folder}/out.sqlite"), 'select name from plants order by id'))->toBe(['Aster', 'Written last']);
})->with(['as it grew' => [false], 'restored' => [true]]);

it('sets one record aside that cannot be read, with its name, and opens with all the others', function (string $statement, string $says, int $batches): void {
    $shelf = Shelf::filled(app());
    $opening = $shelf->make(Opening::class);
    $opening->open(at(), fresh: false, demo: false);
    $notebook = $shelf->places()->opened()?->notebook;
    $shelf->change($statement);
    $said = $opening->open(at(), fresh: false, demo: false);
    expect($said[0] ?? '')->toBe("{$says}; everything else is here. As it was, the notebook is kept in {$shelf->folder}/copies/before-set-aside-20260601-120000.sqlite")
        ->and($shelf->number('select count(*) from batches'))->toBe($batches)
        ->and($shelf->number('select count(*) from plants'))->toBe(2)->and($shelf->number('select count(*) from cases'))->toBe(3)
        ->and($shelf->make(Inspector::class)->look($shelf->notebook)->condition)->toBe(Condition::Sound)
        // It is the same notebook: what waits on devices is meant for it.
        ->and($shelf->places()->opened()?->notebook)->toBe($notebook)
        ->and($opening->open(at(), fresh: false, demo: false))->toBe([]);
})->with([
    'a batch that is no document' => ["update batches set document = '{' where id = 2", '“Neem leaf spray” could not be read and was set aside, with what belongs to it', 2],
    'a batch that is another document' => ["update batches set document = '{\"format\":\"letter\"}' where id = 2", '“Neem leaf spray” could not be read and was set aside, with what belongs to it', 2],
    'what a can was measured by' => ["update sprayers set pours = '['", '“Can” could not be read and was set aside, with what belongs to it', 3],
]);

it('knows by the version in the header which steps the tables have come, where the list of them is lost', function (): void {
    $shelf = Shelf::filled(app());
    $steps = Sqlite::texts(Sqlite::open($shelf->notebook), 'select migration from migrations order by migration');
    expect(count($steps))->toBeGreaterThan(10);
    $shelf->change('delete from migrations where id % 2 = 0');
    $shelf->make(Salvage::class)->out($shelf->notebook, "{$shelf->folder}/out.sqlite");
    expect(Sqlite::texts(Sqlite::open("{$shelf->folder}/out.sqlite"), 'select migration from migrations order by migration'))->toBe($steps);
});

it('takes no log for the notebook’s that belongs to the file before it', function (): void {
    $shelf = Shelf::filled(app());
    $opening = $shelf->make(Opening::class);
    $opening->open(at(), fresh: false, demo: false);
    $writing = Sqlite::open($shelf->notebook);
    $writing->exec("update plants set name = 'Written last' where id = 2");
    copy("{$shelf->notebook}-wal", "{$shelf->folder}/log");
    unset($writing);
    // The log as a kill leaves it, beside a copy that somebody put there.
    copy("{$shelf->folder}/copies/daily-2026-06-01.sqlite", $shelf->notebook);
    copy("{$shelf->folder}/log", "{$shelf->notebook}-wal");
    [$said] = $opening->open(at(), fresh: false, demo: false);
    expect($said)->toBe("The log beside the notebook belonged to another file: a copy was put in the notebook's place. The copy is opened as it is, and the log is kept in {$shelf->folder}/copies/log-of-another-file-20260601-120000.wal")
        ->and(Sqlite::texts(Sqlite::open($shelf->notebook), 'select name from plants order by id'))->toBe(['Aster', 'Borage']);
});

it('restores a copy, keeps what it replaces, and refuses what is none', function (): void {
    $shelf = Shelf::filled(app());
    $restoring = $shelf->make(Restoring::class);
    $copy = "{$shelf->folder}/mine.sqlite";
    $shelf->make(Copier::class)->copy($shelf->notebook, $copy);
    $shelf->change("update plants set name = 'Changed since' where id = 2");
    expect($restoring->restore($copy, at()))->toBe(["What was in the notebook before is kept in {$shelf->folder}/copies/before-restore-20260601-120000.sqlite", "The notebook is as it was in {$copy}"])
        ->and(Sqlite::texts(Sqlite::open($shelf->notebook), 'select name from plants order by id'))->toBe(['Aster', 'Borage'])
        ->and(Sqlite::texts(Sqlite::open("{$shelf->folder}/copies/before-restore-20260601-120000.sqlite"), 'select name from plants order by id'))->toBe(['Aster', 'Changed since']);
    foreach (['is an empty file' => '', 'is not a notebook of Idle Mixer: it is no file of SQLite' => 'Dear neighbour'] as $why => $text) {
        file_put_contents($copy, $text);
        expect(static fn() => $restoring->restore($copy, at()))->toThrow(Refused::class, "{$copy} cannot be restored: it {$why}. Nothing was changed.");
    }
    expect(static fn() => $restoring->restore("{$shelf->folder}/none", at()))->toThrow(Refused::class, 'There is no file')
        ->and(glob("{$shelf->notebook}.*"))->toBe([]);
    unlink($shelf->notebook);
    expect($restoring->restore("{$shelf->folder}/copies/before-restore-20260601-120000.sqlite", at()))->toHaveCount(1);
});

it('notices that the file it writes to is no longer at its place, and copies out what was saved', function (): void {
    $shelf = Shelf::filled(app());
    config(['database.connections.sqlite.turn' => "{$shelf->folder}/serve/turn"]);
    $inPlace = $shelf->make(InPlace::class);
    expect($inPlace->is())->toBeTrue();
    $shelf->places()->remember(new Opened('0123456789abcdef', Places::fileAt($shelf->notebook), 'ab'));
    $open = Sqlite::open($shelf->notebook);
    $open->exec('pragma journal_mode = wal');
    $open->exec("update plants set name = 'Saved last' where id = 2");
    expect($inPlace->is())->toBeTrue();
    foreach (['', '-wal', '-shm'] as $beside) {
        unlink($shelf->notebook . $beside);
    }
    $copy = "{$shelf->folder}/copies/vanished-01234567.sqlite";
    expect($inPlace->is())->toBeFalse()
        ->and($inPlace->gone()->words())->toBe("The file of the notebook was moved, replaced or deleted while it was in use. Nothing of this was saved. All that was saved before is in {$copy}. The way back: stop the server, then ./start --restore {$copy}")
        ->and(Sqlite::texts(Sqlite::open($copy), 'select name from plants order by id'))->toBe(['Aster', 'Saved last']);
    unset($open);
    unlink($copy);
    expect($inPlace->gone()->words())->toContain('Put the file back: nothing here has it open any more.');
});

it('hands its turn on after what is kept together, so that the next one gets it', function (): void {
    $turn = (string) tempnam(sys_get_temp_dir(), 'turn');
    config(['database.connections.turns' => [...(array) config('database.connections.sqlite'), 'database' => ':memory:', 'turn' => $turn]]);
    $notebook = DB::connection('turns');
    $notebook->statement('create table "migrations" ("batch" integer)');
    $isFree = static function () use ($turn): bool {
        $file = fopen($turn, 'c');

        return $file !== false && flock($file, \LOCK_EX | \LOCK_NB);
    };
    Together::of($notebook, static function () use ($isFree, $notebook): void {
        expect($isFree())->toBeFalse();
        $notebook->insert('insert into "migrations" values (1)');
    });
    expect($isFree())->toBeTrue();
    expect(static fn() => Together::of($notebook, static function () use ($notebook): void {
        $notebook->insert('insert into "migrations" values (2)');
        throw new DomainException('no');
    }))->toThrow(DomainException::class);
    expect($isFree())->toBeTrue()->and($notebook->scalar('select count(*) from "migrations"'))->toBe(1);
});

it('goes past its own way of keeping things together nowhere', function (): void {
    $found = [];
    foreach (['app', 'database'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $found = $file instanceof SplFileInfo && str_contains((string) file_get_contents($file->getPathname()), '->transaction(') ? [...$found, $file->getPathname()] : $found;
        }
    }
    expect($found)->toBe([]);
});

it('keeps no turn for a notebook that it cannot open', function (): void {
    $turn = (string) tempnam(sys_get_temp_dir(), 'turn');
    config(['database.connections.nowhere' => [...(array) config('database.connections.sqlite'), 'database' => '/nowhere/notebook.sqlite', 'turn' => $turn]]);
    expect(static fn() => DB::connection('nowhere')->beginTransaction())->toThrow(SQLiteDatabaseDoesNotExistException::class);
    $other = fopen($turn, 'c');
    assert($other !== false);
    expect(flock($other, \LOCK_EX | \LOCK_NB))->toBeTrue();
    fclose($other);
    unlink($turn);
});

it('hands the turn on', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'turn');
    $one = new Turn($path);
    $one->take();
    $other = fopen($path, 'c');
    assert($other !== false);
    expect(flock($other, \LOCK_EX | \LOCK_NB))->toBeFalse();
    $one->hand();
    expect(flock($other, \LOCK_EX | \LOCK_NB))->toBeTrue();
    fclose($other);
    unlink($path);
    // Without a file to take turns by, nobody waits.
    (new Turn(''))->take();
    (new Turn('/proc/no/such/place'))->take();
});

it('hands the turn on where somebody else holds the lock, and begins once it is free', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'turns');
    $open = static fn(): PDO => new PDO("sqlite:{$path}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
    $other = $open();
    $other->exec('create table "migrations" ("batch" integer)');
    $other->exec('begin exclusive');
    $connection = new NotebookConnection($open(), $path, '', ['name' => 'turns', 'turn' => "{$path}.turn"]);
    expect(static fn() => $connection->beginTransaction())->toThrow(PDOException::class, 'locked');
    $third = fopen("{$path}.turn", 'c');
    assert($third !== false);
    expect(flock($third, \LOCK_EX | \LOCK_NB))->toBeTrue();
    flock($third, \LOCK_UN);
    $other->exec('commit');
    $connection->beginTransaction();
    expect($connection->transactionLevel())->toBe(1)->and(flock($third, \LOCK_EX | \LOCK_NB))->toBeFalse();
    $connection->commit();
    expect(flock($third, \LOCK_EX | \LOCK_NB))->toBeTrue();
    fclose($third);
    array_map(unlink(...), [$path, "{$path}.turn"]);
});

it('tells the faults of a file from those of the code', function (int $code, ?StoreTrouble $trouble, int $status): void {
    $fault = new PDOException('x');
    $fault->errorInfo = ['HY000', $code, 'x'];
    expect(StoreTrouble::of($fault, sys_get_temp_dir() . '/notebook.sqlite'))->toBe($trouble)->and($trouble?->status() ?? 500)->toBe($status);
})->with([
    // https://www.sqlite.org/rescode.html
    'busy' => [5, StoreTrouble::Busy, 503], 'locked' => [6, StoreTrouble::Busy, 503], 'read-only' => [8, StoreTrouble::ReadOnly, 503],
    'input or output' => [10, StoreTrouble::Unreadable, 503], 'while reading' => [266, StoreTrouble::Unreadable, 503], 'corrupt' => [11, StoreTrouble::Damaged, 503],
    'full' => [13, StoreTrouble::Full, 507], 'cannot open' => [14, StoreTrouble::Unreadable, 503], 'no database' => [26, StoreTrouble::Damaged, 503],
    'a constraint' => [19, null, 500], 'an error of ours' => [1, null, 500],
]);

it('puts what is to be said of a fault together as sentences', function (): void {
    $full = new PDOException('x');
    $full->errorInfo = ['HY000', 13, 'x'];
    expect(StoreFault::of($full, '')->getMessage())->toBe('The disk of the machine that serves is full. Make room on it, then try again.')
        ->and(StoreFault::of($full, '', 'No copy was made.')->getMessage())->toBe('The disk of the machine that serves is full. No copy was made. Make room on it, then try again.')
        ->and((new StoreFault(StoreTrouble::Vanished))->getMessage())->toBe('The file of the notebook was moved, replaced or deleted while it was in use.')
        ->and(static fn() => StoreFault::of(new PDOException('ours'), ''))->toThrow(PDOException::class, 'ours');
});

it('tells a folder that is not there from one that is read-only', function (): void {
    $fault = new PDOException('x');
    $fault->errorInfo = ['HY000', 14, 'x'];
    expect(StoreTrouble::of($fault, '/nowhere/at/all/notebook.sqlite'))->toBe(StoreTrouble::Unreadable)
        ->and(StoreTrouble::of($fault, sys_get_temp_dir() . '/notebook.sqlite'))->toBe(StoreTrouble::Unreadable);
});

it('knows its own tables and which of their columns hold JSON', function (): void {
    expect(Sqlite::tables(DB::connection()->getPdo()))->toBe(Edition::TABLES);
    foreach (Edition::JSON as $table => $columns) {
        expect(array_diff($columns, Sqlite::texts(DB::connection()->getPdo(), "select name from pragma_table_info('{$table}')")))->toBe([]);
    }
});
