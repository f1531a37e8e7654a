<?php

declare(strict_types=1);

use App\Notebook\Edition;
use App\Notebook\Layout;
use App\Notebook\Sqlite;
use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Damage;
use Tests\Faults\Devices;
use Tests\Faults\Long;
use Tests\Faults\Recovery;

/*
 * A table of notebooks that cannot be opened as they are: each gets its sentence and its way back, and nothing that could be
 * read is lost. How a file of SQLite is built, from which the damages are taken: https://www.sqlite.org/fileformat.html
 */

dataset('damaged notebooks', [
    'cut off in the middle' => ['is damaged', static fn(string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, intdiv((int) filesize($path), 2)))],
    'cut off within a page' => ['is damaged', static fn(string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, -5000))],
    'a page in the middle is noise' => ['is damaged', static fn(string $path) => Damage::page($path, Damage::pageWith($path, 'porch 2'), random_bytes(4096))],
    'a page in the middle is empty' => ['is damaged', static fn(string $path) => Damage::page($path, Damage::pageWith($path, 'bed 1'), str_repeat("\0", 4096))],
    'its header is overwritten' => ['is damaged', static fn(string $path) => Damage::overwrite($path, 0, str_repeat("\xff", 100))],
    'its first page is overwritten' => ['is damaged', static fn(string $path) => Damage::overwrite($path, 0, str_repeat("\0", 4096))],
    'the top page of a table is overwritten' => ['is damaged', static fn(string $path) => Damage::page($path, Damage::rootOf($path, 'batches'), str_repeat("\0", 4096))],
    'an index does not tell what the table holds' => ['is damaged', static function (string $path): void {
        $pdo = Sqlite::open($path);
        $pdo->exec('pragma writable_schema = on');
        $pdo->exec("update sqlite_master set rootpage = (select rootpage from sqlite_master where name = 'plants_submission_unique') where name = 'sprayers_submission_unique'");
    }],
    'a table is missing' => ['is damaged: tables are missing in it', static fn(string $path) => Sqlite::open($path)->exec('drop table batch_ticks')],
    'records have lost what they belong to' => ['is damaged: records have lost what they belong to', static fn(string $path) => Sqlite::open($path)->exec('delete from plants where id = 1')],
]);

it('copies out of a damaged notebook what can be read, and tells the way back', function (string $said, Closure $damage): void {
    $house = Damage::house();
    $path = $house->notebook();
    $damage($path);
    $damaged = (string) file_get_contents($path);
    copy($path, "{$house->folder}/looked-at.sqlite");
    $before = Damage::readable("{$house->folder}/looked-at.sqlite");

    [$status, $sentence] = $house->artisan('mixer:open');
    expect($status)->toBe(3)->and($sentence)->toStartWith("The notebook {$path} {$said}")
        ->and($sentence)->toContain('The way back: ./start --restore ')->toContain('or go back to the newest copy')
        ->and(file_get_contents($path))->toBe($damaged);
    // Said on every page and to every call, too.
    $house->serve();
    foreach (['/', '/cases/1', '/api/cases'] as $address) {
        $curl = curl_init($house->address . $address);
        assert($curl !== false);
        curl_setopt($curl, \CURLOPT_RETURNTRANSFER, true);
        $page = curl_exec($curl);
        expect(curl_getinfo($curl, \CURLINFO_RESPONSE_CODE))->toBe(503)
            ->and(html_entity_decode(str_replace('\/', '/', is_string($page) ? $page : '')))->toContain('./start --restore');
    }
    $house->kill();

    preg_match('#The way back: \./start --restore (\S+\.sqlite)#', $sentence, $way);
    [$status, $restored] = $house->artisan('mixer:restore', $way[1] ?? '');
    expect($status)->toBe(0)->and($restored)->toContain('What was in the notebook before is kept in ');
    $house->open();
    $after = Damage::rescued($path);
    foreach ($before as $table => $rows) {
        if (! in_array($table, ['notebook', 'migrations', ...Edition::RECKONED], true)) {
            $kept = array_map(static fn(string $row): mixed => json_decode($row, true), $after[$table] ?? []);
            foreach ($rows as $row) {
                expect($kept)->toContain(json_decode($row, true));
            }
        }
    }
    // And it is served: every list, every case.
    $house->serve();
    foreach (['/api/today', '/api/cases', '/api/batches', '/api/worked', '/api/leaf-tests', '/api/plants'] as $address) {
        expect(Devices::one($house->address, new Call('GET', $address, []))->status)->toBe(200, $address);
    }
    $house->kill();
})->with('damaged notebooks');

it('reads out all but the page that is broken', function (string $where): void {
    $house = Damage::house();
    $path = $house->notebook();
    $counted = static fn(string $file): int => Sqlite::number(Sqlite::open($file), 'select count(*) from batch_ticks') + Sqlite::number(Sqlite::open($file), 'select count(*) from plants') + Sqlite::number(Sqlite::open($file), 'select count(*) from batches');
    $all = $counted($path);
    match ($where) {
        'header' => Damage::overwrite($path, 0, str_repeat("\xff", 100)),
        'first page' => Damage::overwrite($path, 0, str_repeat("\0", 4096)),
        default => Damage::page($path, Damage::rootOf($path, 'sprayers'), random_bytes(4096)),
    };
    [, $sentence] = $house->artisan('mixer:open');
    expect($sentence)->toMatch('#copied to (\S+\.sqlite)#');
    preg_match('#copied to (\S+\.sqlite)#', $sentence, $copy);
    expect($counted($copy[1] ?? ''))->toBe($all);
})->with(['header', 'first page', 'the table of sprayers']);

it('finds the tables page by page where what was written down is of another file', function (): void {
    $house = Damage::house();
    $path = $house->notebook();
    $counted = static fn(string $file): int => Sqlite::number(Sqlite::open($file), 'select count(*) from plants') + Sqlite::number(Sqlite::open($file), 'select count(*) from batches');
    $all = $counted($path);
    $known = "{$house->folder}/serve/layout.json";
    $layout = Layout::read((string) file_get_contents($known));
    assert($layout !== null);
    $roots = array_reverse(array_column($layout->rows, 'rootpage'));
    $rows = array_map(static fn(array $row, int $root): array => [...$row, 'rootpage' => $root], $layout->rows, $roots);
    file_put_contents($known, json_encode(new Layout($layout->page, $layout->version, $rows)));
    Damage::overwrite($path, 0, str_repeat("\0", 4096));
    [, $sentence] = $house->artisan('mixer:open');
    expect(preg_match('#copied to (\S+\.sqlite)#', $sentence, $copy))->toBe(1)
        ->and($counted($copy[1] ?? ''))->toBeGreaterThanOrEqual($all);
});

it('tells what is no notebook, and what is none any more, with the way back', function (string $said, bool $copies, Closure $put): void {
    $house = Damage::house();
    $path = $house->notebook();
    $put($path);
    $hidden = $copies ? [] : (array) glob("{$house->folder}/copies/*.sqlite");
    foreach ($hidden as $copy) {
        rename((string) $copy, "{$copy}.hidden");
    }
    [$status, $sentence] = $house->artisan('mixer:open');
    foreach ($hidden as $copy) {
        rename("{$copy}.hidden", (string) $copy);
    }
    expect($status)->toBe(3)->and($sentence)->toContain($said)
        ->and(str_contains($sentence, './start --restore'))->toBe($copies);
})->with([
    'emptied' => ['is an empty file', true, static fn(string $path) => file_put_contents($path, '')],
    'emptied, and no copy' => ['Without a copy, ./start --fresh begins anew', false, static fn(string $path) => file_put_contents($path, '')],
    'a letter' => ['is not a notebook of Idle Mixer: it is no file of SQLite', true, static fn(string $path) => file_put_contents($path, str_repeat("Dear neighbour,\n", 900))],
    'of another program' => ['is not a notebook of Idle Mixer: it is a file of another program', true, static function (string $path): void {
        unlink($path);
        Sqlite::open($path)->exec('create table recipes (id integer primary key, cake text)');
    }],
    'a folder' => ['is not a notebook of Idle Mixer: it is a folder', true, static function (string $path): void {
        unlink($path);
        mkdir($path);
    }],
    'gone' => ['is gone: there was one when it was started last', true, static fn(string $path) => unlink($path)],
    'newer' => ['was written by a newer Idle Mixer: it is of notebook version ' . (Edition::of(Served::root())->version() + 1), true, static fn(string $path) => Sqlite::open($path)->exec("insert into migrations (migration, batch) values ('2031_01_01_000001_more', 9)")],
    'newer by its header' => ['was written by a newer Idle Mixer: it is of notebook version 99', true, static fn(string $path) => Sqlite::open($path)->exec('pragma user_version = 99')],
]);

it('copies an older notebook before it brings it forward', function (): void {
    $house = Damage::house();
    $path = $house->notebook();
    unlink($path);
    Sqlite::open($path)->exec((string) file_get_contents(Served::root() . '/tests/fixtures/notebook-9.sql'));
    [$status, $said] = $house->artisan('mixer:open');
    preg_match('#kept in (\S+\.sqlite)#', $said, $copy);
    expect($status)->toBe(0)->and($said)->toContain('was brought forward')
        ->and(Sqlite::number(Sqlite::open($copy[1] ?? ''), 'select count(*) from migrations'))->toBeLessThan(Edition::of(Served::root())->version())
        ->and(Sqlite::number($house->pdo(), 'select count(*) from migrations'))->toBe(Edition::of(Served::root())->version())
        ->and(Sqlite::number($house->pdo(), 'select count(*) from batches'))->toBeGreaterThan(0);
});

it('takes no log for the notebook’s that belongs to the file before it', function (): void {
    $house = Damage::house();
    $house->open();
    $house->serve();
    Devices::one($house->address, Call::make('/api/plants', ['name' => 'Written last', 'tolerance' => 'ordinary-leaf']));
    $house->kill();
    expect(filesize($house->notebook() . '-wal'))->toBeGreaterThan(0);
    // Somebody copies yesterday's over it, and knows nothing of the log.
    copy("{$house->folder}/copies/daily-2026-01-01.sqlite", $house->notebook());
    [$status, $said] = $house->artisan('mixer:open');
    expect($status)->toBe(0)->and($said)->toContain('The log beside the notebook belonged to another file')
        ->and(Sqlite::number($house->pdo(), "select count(*) from plants where name = 'Written last'"))->toBe(0)
        ->and(Damage::readable($house->notebook())['plants'])->toBe(Damage::readable("{$house->folder}/sound.sqlite")['plants']);
    // A log that is the notebook's own is folded in.
    $house->serve();
    Devices::one($house->address, Call::make('/api/plants', ['name' => 'Written last', 'tolerance' => 'ordinary-leaf']));
    $house->kill();
    $house->open();
    expect(Sqlite::number($house->pdo(), "select count(*) from plants where name = 'Written last'"))->toBe(1);
});

/**
 * @param list<string> $rows as JSON
 *
 * @return list<int> their numbers; of none that only stands in for one
 */
function idsOf(array $rows): array
{
    $found = [];
    foreach ($rows as $row) {
        $id = str_contains($row, 'its name was lost') ? null : ((array) json_decode($row, true))['id'] ?? null;
        if (is_int($id)) {
            $found[] = $id;
        }
    }

    return $found;
}

/**
 * @param array<string, list<string>> $sound   rows by table, as JSON
 * @param array<string, list<string>> $rescued
 *
 * @return array{array<string, int>, array<string, int>} how many of what people know by name are missing, and how many the sentence says are
 */
function missingOf(array $sound, array $rescued, string $sentence): array
{
    preg_match('/; not in it: (.*?)(?:; \d+ records? ha|\. The way back)/', $sentence, $part);
    $missing = $named = [];
    foreach (['plants' => 'plant', 'cases' => 'case', 'batches' => 'batch', 'leaf_tests' => 'leaf test', 'rounds' => 'round', 'counts' => 'count'] as $table => $name) {
        $missing[$table] = count(array_diff(idsOf($sound[$table] ?? []), idsOf($rescued[$table] ?? [])));
        $named[$table] = preg_match("/(\\d+) {$name}/", $part[1] ?? '', $many) === 1 ? (int) $many[1] : 0;
    }

    return [$missing, $named];
}

/*
 * Pages at random, in notebooks as they grew and in such as were restored, whose pages lie otherwise. Held against what SQLite itself
 * reads out: by .dump, and in a long run by .recover, too.
 */
it('reads out of notebooks that are damaged at random all that SQLite itself recovers', function (): void {
    $given = getenv('MIXER_SEED');
    $seed = $given === false ? 20261129 : (int) $given;
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $many = Long::times(4, 40);
    $recovery = Recovery::here();
    expect($recovery->recovers() || ! Long::is())->toBeTrue();
    $told = ['read by both' => 0, 'read here besides' => 0, 'of SQLite alone' => 0, 'missing' => 0, 'of these told' => 0];
    for ($n = 0; $n < $many; ++$n) {
        $house = Damage::house();
        $path = $house->notebook();
        if ($n % 2 === 1) {
            [$status, $said] = $house->artisan('mixer:backup', "{$house->folder}/copies/backup-of-{$n}.sqlite");
            expect($status)->toBe(0, $said);
            $house->artisan('mixer:restore', "{$house->folder}/copies/backup-of-{$n}.sqlite");
            $house->open();
            $house->artisan('mixer:close');
        }
        $pages = intdiv((int) filesize($path), 4096);
        $sound = Damage::readable($path);
        // The first page of every fourth, and up to three of all the others.
        foreach ([...$n % 4 < 2 ? [1] : [], ...array_map(static fn(): int => $random->getInt(1, $pages), range(1, $random->getInt(1, 3)))] as $page) {
            Damage::page($path, $page, $random->getInt(0, 1) === 0 ? str_repeat("\0", 4096) : $random->getBytes(4096));
        }
        $theirs = $recovery->whole($path, $sound);
        // Without a copy to go back to in every third.
        if ($n % 3 === 2) {
            exec('rm -f ' . escapeshellarg("{$house->folder}/copies") . '/*');
        }
        [$status, $sentence] = $house->artisan('mixer:open');
        if ($status === 0) {
            // What was hit held nothing.
            continue;
        }
        expect(preg_match('#\./start --restore (\S+rescued\S+\.sqlite)#', $sentence, $way))->toBe(1, "Seed {$seed}, notebook {$n}: {$sentence}");
        $ours = array_map(static fn(array $rows): array => array_map(Recovery::plain(...), $rows), Damage::rescued($way[1] ?? ''));
        foreach ($theirs as $table => $rows) {
            foreach ($rows as $row) {
                $isHere = in_array(Recovery::plain($sound[$table][$row]), $ours[$table] ?? [], true);
                ++$told[$isHere ? 'read by both' : 'of SQLite alone'];
                expect($isHere)->toBeTrue("Seed {$seed}, notebook {$n}, {$table}: {$sound[$table][$row]}");
            }
            $told['read here besides'] += max(0, count($ours[$table] ?? []) - count($rows));
        }
        [$missing, $named] = missingOf($sound, Damage::rescued($way[1] ?? ''), $sentence);
        $told['missing'] += array_sum($missing);
        $told['of these told'] += array_sum($named);
        foreach ($named as $table => $said) {
            expect($said)->toBeLessThanOrEqual($missing[$table] ?? 0, "Seed {$seed}, notebook {$n}: {$sentence}");
        }
    }
    Long::tell('salvage', ['notebooks' => $many, 'seed' => (string) $seed, 'held against' => $recovery->recovers() ? '.dump and .recover' : '.dump', ...$told]);
    expect($told['read by both'])->toBeGreaterThan(100)
        // Nothing is told as missing that is there; the last of a table is not told where the list of numbers is gone with it.
        ->and($told['of these told'])->toBeGreaterThanOrEqual(Long::is() ? (int) floor(0.9 * $told['missing']) : 0);
});
