<?php

declare(strict_types=1);

use App\Notebook\Sqlite;
use PHPUnit\Framework\Assert;
use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\Gardener;
use Tests\Faults\Held;
use Tests\Faults\House;
use Tests\Faults\Long;
use Tests\Faults\SmallDisk;
use Tests\Faults\Start;

/*
 * A disk that fills up, that is read-only, and a notebook that vanishes while it is written to.
 */

/** Ends the test where none may be mounted: FullNotebookTest fills a notebook in another way. */
function smallDisk(int $megabytes): SmallDisk
{
    return SmallDisk::mounted($megabytes) ?? Assert::markTestSkipped('No disk may be mounted here.');
}

it('names the full disk, keeps what was acknowledged and goes on once there is room, at twenty moments', function (): void {
    $disk = smallDisk(12);
    $house = House::build($disk->folder);
    $house->open();
    $house->serve();
    $faults = [];
    $full = 0;
    $acknowledged = 0;
    mt_srand($seed = random_int(1, 1_000_000));
    for ($n = 0; $n < 20; ++$n) {
        $gardeners = [new Gardener(), new Gardener()];
        $after = mt_rand(0, 50);
        $left = mt_rand(0, 90_000);
        $filled = false;
        Devices::run($house->address, [$gardeners[0]->season("bed {$n}"), $gardeners[1]->season("porch {$n}")], static function () use ($disk, $gardeners, $after, $left, &$filled): bool {
            if (! $filled && count($gardeners[0]->promised) + count($gardeners[1]->promised) >= $after) {
                $disk->fill($left);
                $filled = true;
            }

            return true;
        });
        $pdo = $house->pdo();
        foreach ($gardeners as $one) {
            $acknowledged += count($one->promised);
            array_push($faults, ...Held::lost($pdo, $one->promised));
            if ($one->refused !== '') {
                ++$full;
                if (! str_contains($one->refused, '507 The disk of the machine that serves is full. Nothing of this was saved. All that was saved before is there. Make room on it')) {
                    $faults[] = "seed {$seed}, moment {$n}, after {$after} with {$left} bytes left: {$one->refused}";
                }
            }
        }
        unset($pdo);
        $disk->clear();
        $saved = Devices::one($house->address, Call::make('/api/plants', ['name' => 'Room again', 'tolerance' => 'ordinary-leaf']));
        if ($saved->status !== 201) {
            $faults[] = "seed {$seed}, moment {$n}, with room again: {$saved->status} {$saved->message()}";
        }
    }
    array_push($faults, ...Held::broken($house->notebook()));
    Long::tell('disk', ['moments' => 20, 'acknowledged' => $acknowledged, 'refused with the reason' => $full, 'faults' => count($faults)]);
    expect($faults)->toBe([])->and($full)->toBeGreaterThan(4);

    // And a start on a full disk says so, and changes nothing.
    // The log is folded in first: what it took would be room.
    $house->kill();
    $house->open();
    $disk->fill();
    [$status, $said] = $house->artisan('mixer:open');
    expect($status)->toBe(1)->and($said)->toContain("The notebook {$house->notebook()} could not be opened. The disk of the machine that serves is full. Make room on it, then try again.");
    [$status, $said] = Start::toTheEnd($disk->folder, ['--port', (string) Served::freePort()]);
    expect($status)->toBe(1)->and($said)->toContain('full');
    $disk->clear();
    $house->open();
    expect(Held::broken($house->notebook()))->toBe([]);
});

it('names the full disk to whoever writes first after a start, with hardly any room and with none', function (): void {
    $disk = smallDisk(12);
    $house = House::build($disk->folder);
    $house->open();
    // What SQLite cannot lay beside the notebook it calls an error of input and output: https://www.sqlite.org/rescode.html#ioerr
    foreach ([0, 2_000, 6_000, 13_000] as $left) {
        $house->serve();
        $disk->fill($left);
        $reply = Devices::one($house->address, Call::make('/api/plants', ['name' => "Left {$left}", 'tolerance' => 'ordinary-leaf']));
        expect("{$left}: {$reply->status} {$reply->message()}")->toBe("{$left}: 507 The disk of the machine that serves is full. Nothing of this was saved. All that was saved before is there. Make room on it, then try again.");
        $disk->clear();
        $house->kill();
    }
    expect(Sqlite::texts($house->pdo(), 'select name from plants'))->toBe([]);
});

it('says that the disk is read-only, and starts again once it is not', function (): void {
    $disk = smallDisk(12);
    $house = House::build($disk->folder);
    $disk->readOnly(true);
    [$status, $said] = Start::toTheEnd($disk->folder, ['--port', (string) Served::freePort()]);
    expect($status)->toBe(1)->and($said)->toContain("The folder {$disk->folder} cannot be written to: it is on a disk that is read-only");
    [$status, $said] = $house->artisan('mixer:open');
    expect($status)->toBe(1)->and($said)->toContain('read-only for the user who serves');
    $disk->readOnly(false);
    $house->open();
});

it('leaves no half of a notebook behind when the disk is full at the first start', function (): void {
    $disk = smallDisk(5);
    $house = House::build($disk->folder);
    array_map(static fn(string|false $file): bool => unlink((string) $file), (array) glob("{$disk->folder}/notebook.sqlite*"));
    unlink("{$disk->folder}/serve/opened.json");
    $disk->fill(120_000);
    [$status, $said] = $house->artisan('mixer:open');
    expect($status)->toBe(1)->and($said)->toContain('The disk of the machine that serves is full')
        ->and(glob("{$disk->folder}/notebook.sqlite*"))->toBe([]);
    $disk->clear();
    [$status] = $house->artisan('mixer:open', '--empty');
    expect($status)->toBe(0);
});

it('tells that the notebook vanished while it was served, and has copied out what was saved', function (string $how): void {
    $house = House::build();
    $house->open();
    $house->serve();
    $plant = static fn(string $name): int => Devices::one($house->address, Call::make('/api/plants', ['name' => $name, 'tolerance' => 'ordinary-leaf']))->status;
    expect([$plant('One'), $plant('Two')])->toBe([201, 201]);
    if ($how === 'moved') {
        rename($house->notebook(), "{$house->folder}/elsewhere.sqlite");
    } else {
        unlink($house->notebook());
    }
    if ($how === 'replaced') {
        copy(__FILE__, $house->notebook());
    }
    $reply = Devices::one($house->address, Call::make('/api/plants', ['name' => 'Three', 'tolerance' => 'ordinary-leaf']));
    preg_match('#before is in (\S+\.sqlite)\.#', $reply->message(), $copy);
    expect($reply->status)->toBe(503)->and($reply->message())->toContain('moved, replaced or deleted while it was in use. Nothing of this was saved.')
        ->and(Sqlite::texts(Sqlite::open($copy[1] ?? ''), 'select name from plants order by id'))->toBe(['One', 'Two']);
    $house->kill();
    [$status] = $house->artisan('mixer:restore', $copy[1] ?? '');
    expect($status)->toBe(0);
    $house->open();
    expect(Sqlite::texts($house->pdo(), 'select name from plants order by id'))->toBe(['One', 'Two']);
})->with(['moved', 'deleted', 'replaced']);
