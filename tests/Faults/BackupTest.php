<?php

declare(strict_types=1);

use App\Notebook\Copies;
use App\Notebook\Sqlite;
use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Damage;
use Tests\Faults\Devices;
use Tests\Faults\House;
use Tests\Faults\Start;

/*
 * Copies of the notebook, as somebody makes and restores them in a terminal.
 */

/** Names of the plants in a file, opened by itself somewhere else. */
function plantsIn(string $file): string
{
    $alone = (string) tempnam(sys_get_temp_dir(), 'alone');
    copy($file, $alone);
    $names = implode(', ', Sqlite::texts(Sqlite::open($alone), 'select name from plants order by id'));
    foreach ((array) glob("{$alone}*") as $left) {
        unlink((string) $left);
    }

    return $names;
}

function addPlant(string $address, string $name): int
{
    return Devices::one($address, Call::make('/api/plants', ['name' => $name, 'tolerance' => 'ordinary-leaf']))->status;
}

it('copies and restores: after Ctrl-C, while it serves, after a kill', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-backup-' . bin2hex(random_bytes(6));
    $port = (string) Served::freePort();
    $notebook = "{$folder}/notebook.sqlite";

    // After Ctrl-C the one file is all there is.
    $start = Start::run($folder, ['--empty', '--port', $port]);
    $address = $start->awaitUp();
    expect([addPlant($address, 'One'), addPlant($address, 'Two')])->toBe([201, 201]);
    expect($start->interrupt())->toBe(0)
        ->and(file_exists("{$notebook}-wal"))->toBeFalse()
        ->and(plantsIn($notebook))->toBe('One, Two');

    // While it serves, a copy holds what was saved so far.
    $start = Start::run($folder, ['--port', $port]);
    $start->awaitUp();
    addPlant($address, 'Three');
    [$status, $said] = Start::toTheEnd($folder, ['--backup', "{$folder}/mine.sqlite"]);
    expect($status)->toBe(0)->and($said)->toBe("The notebook is copied to {$folder}/mine.sqlite")->and(plantsIn("{$folder}/mine.sqlite"))->toBe('One, Two, Three');
    // A name is meant from where it was typed.
    [$status, $said] = Start::toTheEnd($folder, ['--backup', 'mine.sqlite'], $folder);
    expect($status)->toBe(1)->and($said)->toContain('is there already, and is not overwritten');

    // What would pull the notebook from under it says who holds it, and changes nothing.
    foreach ([['--restore', "{$folder}/mine.sqlite"], ['--fresh', '--port', (string) Served::freePort()], ['--port', (string) Served::freePort()]] as $options) {
        [$status, $said] = Start::toTheEnd($folder, $options);
        expect($status)->toBe(1)->and($said)->toContain("The notebook in {$folder} is in use: process ")->toContain("serves it at http://127.0.0.1:{$port}/")->toContain('Stop that one first');
    }
    expect(addPlant($address, 'Four'))->toBe(201);

    // Killed with a full log: the copy made afterwards holds all that was acknowledged.
    $start->kill();
    [$status] = Start::toTheEnd($folder, ['--backup', "{$folder}/after-kill.sqlite"]);
    expect($status)->toBe(0)->and(plantsIn("{$folder}/after-kill.sqlite"))->toBe('One, Two, Three, Four');

    [$status, $said] = Start::toTheEnd($folder, ['--restore', "{$folder}/mine.sqlite"]);
    preg_match('#before is kept in (\S+\.sqlite)#', $said, $kept);
    expect($status)->toBe(0)->and($said)->toContain("The notebook is as it was in {$folder}/mine.sqlite")
        ->and(plantsIn($kept[1] ?? ''))->toBe('One, Two, Three, Four')
        ->and(plantsIn($notebook))->toBe('One, Two, Three');

    // A start finds it sound, keeps today's copy, and --fresh keeps one too.
    $start = Start::run($folder, ['--fresh', '--empty', '--port', $port]);
    $start->awaitUp();
    preg_match('#in the notebook is kept in (\S+\.sqlite)#', $start->said(), $before);
    expect(plantsIn($before[1] ?? ''))->toBe('One, Two, Three')
        ->and(addPlant($address, 'Anew'))->toBe(201);
    $start->interrupt();
    expect(plantsIn($notebook))->toBe('Anew')->and(glob("{$folder}/copies/daily-*.sqlite"))->toHaveCount(1);
    exec('rm -rf ' . escapeshellarg($folder));
});

it('restores nothing that is no sound copy, and says why', function (string $said, Closure $copy): void {
    $house = Damage::house();
    $file = "{$house->folder}/candidate.sqlite";
    copy("{$house->folder}/sound.sqlite", $file);
    $copy($file);
    $before = hash_file('sha256', $house->notebook());
    [$status, $sentence] = $house->artisan('mixer:restore', $file);
    exec('rm -rf ' . escapeshellarg($file));
    expect($status)->toBe(1)->and($sentence)->toContain($said)->toContain('Nothing was changed')
        ->and(hash_file('sha256', $house->notebook()))->toBe($before);
})->with([
    'missing' => ['There is no file', static fn(string $file) => unlink($file)],
    'empty' => ['it is an empty file', static fn(string $file) => file_put_contents($file, '')],
    'cut off' => ['it is damaged', static fn(string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 50_000))],
    'a letter' => ['it is not a notebook of Idle Mixer', static fn(string $file) => file_put_contents($file, 'Dear neighbour')],
    'newer' => ['it is of notebook version 99, which a newer Idle Mixer wrote', static fn(string $file) => Sqlite::open($file)->exec('pragma user_version = 99')],
    'a folder' => ['There is no file', static function (string $file): void {
        unlink($file);
        mkdir($file);
    }],
]);

it('takes a copy from where nobody may write, and an older one, too', function (): void {
    $house = Damage::house();
    $folder = "{$house->folder}/disc";
    mkdir($folder);
    copy("{$house->folder}/sound.sqlite", "{$folder}/copy.sqlite");
    exec('chmod -R a-w ' . escapeshellarg($folder));
    [$status] = $house->artisan('mixer:restore', "{$folder}/copy.sqlite");
    expect($status)->toBe(0)->and(scandir($folder))->toBe(['.', '..', 'copy.sqlite']);
    exec('chmod -R u+w ' . escapeshellarg($folder));

    Sqlite::open("{$folder}/older.sqlite")->exec((string) file_get_contents(Served::root() . '/tests/fixtures/notebook-9.sql'));
    [$status] = $house->artisan('mixer:restore', "{$folder}/older.sqlite");
    [$opened, $said] = $house->artisan('mixer:open');
    expect([$status, $opened])->toBe([0, 0])->and($said)->toContain('was brought forward');
});

it('keeps a copy of each of the last seven days, and no more', function (): void {
    $house = Damage::house();
    unlink("{$house->folder}/copies/daily-2026-01-01.sqlite");
    $clock = "{$house->folder}/clock";
    for ($day = 0; $day < 10; ++$day) {
        file_put_contents($clock, (string) (86_400 * $day));
        expect($house->artisan('mixer:backup', '--daily'))->toBe([0, '']);
    }
    unlink($clock);
    $kept = array_map(static fn(string|false $path): string => basename((string) $path, '.sqlite'), (array) glob("{$house->folder}/copies/daily-*.sqlite"));
    $expected = array_map(static fn(int $day): string => 'daily-' . gmdate('Y-m-d', time() + 86_400 * $day), range(10 - Copies::DAYS, 9));
    // The day of the tests itself was copied when the house was opened.
    expect($kept)->toBe($expected);
    foreach ($kept as $name) {
        unlink("{$house->folder}/copies/{$name}.sqlite");
    }
    copy("{$house->folder}/sound.sqlite", "{$house->folder}/copies/daily-2026-01-01.sqlite");
});

it('leaves nothing behind when the first start fails, and answers a made-up file name', function (): void {
    $house = House::build();
    unlink($house->notebook());
    unlink("{$house->folder}/serve/opened.json");
    // A folder in the way of the half-made notebook: it cannot be put in place.
    mkdir("{$house->folder}/notebook.sqlite.half");
    touch("{$house->folder}/notebook.sqlite.half/taken");
    [$status] = $house->artisan('mixer:open', '--empty');
    expect($status)->not->toBe(0)->and(glob("{$house->folder}/notebook.sqlite{,-wal,-shm}", \GLOB_BRACE))->toBe([]);
    exec('rm -rf ' . escapeshellarg("{$house->folder}/notebook.sqlite.half"));
    $house->open();
    $house->serve();
    foreach (['/build/assets/%00.js', '/build/assets/a%00.js', '/%00'] as $path) {
        $curl = curl_init($house->address . $path);
        assert($curl !== false);
        curl_setopt($curl, \CURLOPT_RETURNTRANSFER, true);
        curl_exec($curl);
        expect(curl_getinfo($curl, \CURLINFO_RESPONSE_CODE))->toBeLessThan(500, $path);
    }
    foreach (['/api/batches/9223372036854775808', '/api/cases/99999999999999999999', '/api/batches/1/document'] as $path) {
        expect(Devices::one($house->address, new Call('GET', $path, []))->status)->toBe(404, $path);
    }
    expect(Devices::one($house->address, new Call('PUT', '/api/batches/1/scoops/99999999999999999999/ticks/1', ['ticked' => true]))->status)->toBe(404);
    $house->kill();
});
