<?php

declare(strict_types=1);

use Tests\Browser\Screen;
use Tests\Browser\Served;
use Tests\Faults\Start;

/*
 * From another machine in the house: the browser goes to the address that ./start prints for the phone, and not to the loopback one.
 */

/** @return int files of sessions in a notebook's folder */
function sessionFiles(string $folder): int
{
    return count((array) glob("{$folder}/storage/framework/sessions/*"));
}

it('lets another device in with the passphrase, locks it again, and keeps nothing of who knocks', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-elsewhere-' . bin2hex(random_bytes(4));
    mkdir($folder, 0o700, true);
    file_put_contents("{$folder}/passphrase", password_hash('long enough, this', \PASSWORD_BCRYPT, ['cost' => 4]));
    $start = Start::run($folder, ['--empty', '--host', '0.0.0.0', '--port', (string) Served::freePort()]);
    $start->awaitUp();
    for ($i = 0; $i < 100 && ! str_contains($start->said(), 'From the phone'); ++$i) {
        usleep(50_000);
    }
    expect(preg_match('#From the phone at the bench: (http://[\d.]+:\d+)/#', $start->said(), $found))->toBe(1, $start->said());
    $address = $found[1] ?? '';
    expect($address)->not->toContain('127.0.0.1');

    for ($i = 0; $i < 20; ++$i) {
        $answer = file_get_contents("{$address}/api/plants", false, stream_context_create(['http' => ['ignore_errors' => true, 'header' => 'Cookie: idle_mixer=made-up']]));
        expect($answer)->toContain('The passphrase is needed');
    }
    expect(sessionFiles($folder))->toBe(0);

    Screen::with($address, static function (Screen $screen) use ($folder): void {
        $screen->open('/')->see('passphrase');
        $screen->all('input')[0]->sendKeys('not this one');
        $screen->all('form')[0]->submit();
        $screen->see('That is not the passphrase');
        expect(sessionFiles($folder))->toBe(0);
        $screen->all('input')[0]->sendKeys('long enough, this');
        $screen->all('form')[0]->submit();
        $screen->see('Today');
        expect(sessionFiles($folder))->toBe(1);
        $screen->open('/shed')->see('Lock this device')->press('Lock this device')->see('passphrase');
        $screen->open('/shed')->see('passphrase');
    });
    expect(sessionFiles($folder))->toBe(0)
        // Nobody else on the machine reads the notebook or its key.
        ->and(fileperms($folder) & 0o077)->toBe(0)
        ->and(fileperms("{$folder}/key") & 0o077)->toBe(0)
        ->and(fileperms("{$folder}/notebook.sqlite") & 0o077)->toBe(0)
        ->and($start->interrupt())->toBe(0);
    exec('rm -rf ' . escapeshellarg($folder));
});

it('is reached at any address of this machine, and says no other served it', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-two-' . bin2hex(random_bytes(4));
    $port = (string) Served::freePort();
    $start = Start::run($folder, ['--empty', '--host', '127.0.0.2', '--port', $port]);
    for ($i = 0; $i < 1200 && ! str_contains($start->said(), 'Ctrl-C stops it'); ++$i) {
        usleep(100_000);
    }
    expect($start->said())->toContain("http://127.0.0.2:{$port}/")
        ->and((string) file_get_contents("http://127.0.0.2:{$port}/api/ping"))->toContain('{');
    $start->kill();
    exec('rm -rf ' . escapeshellarg($folder));
});
