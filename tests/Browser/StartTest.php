<?php

declare(strict_types=1);

use Tests\Browser\Served;

/*
 * ./start itself, as somebody runs it.
 */

/**
 * @param list<string> $options
 *
 * @return array{int, string} exit status, everything it said
 */
function startWith(array $options, ?string $folder = null, string $input = ''): array
{
    $folder ??= sys_get_temp_dir() . '/idle-mixer-start-' . bin2hex(random_bytes(4));
    $complaints = (string) tempnam(sys_get_temp_dir(), 'said');
    $pipes = [];
    $process = proc_open(['timeout', '-k', '5', '120', Served::root() . '/start', ...$options], [['pipe', 'r'], ['pipe', 'w'], ['file', $complaints, 'w']], $pipes, Served::root(), Served::environment($folder));
    assert($process !== false);
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    $said = (string) stream_get_contents($pipes[1]);
    $status = proc_close($process);
    $said .= (string) file_get_contents($complaints);
    unlink($complaints);
    exec('chmod -R u+w ' . escapeshellarg($folder) . ' 2>/dev/null; rm -rf ' . escapeshellarg($folder));

    return [$status, $said];
}

it('refuses what makes no sense, in one line', function (array $options, string $said): void {
    /** @var list<string> $options */
    [$status, $output] = startWith($options);

    expect($status)->toBe(1)->and($output)->toContain($said)->and(substr_count(trim($output), "\n"))->toBe(0);
})->with([
    'an option nobody knows' => [['--fast'], 'Unknown option --fast'],
    'no port' => [['--port', 'http'], 'from 1 to 65535'],
    'a port too high' => [['--port', '70000'], 'from 1 to 65535'],
    'a port of zero' => [['--port=0'], 'from 1 to 65535'],
    'a host with a command in it' => [['--host', '$(id)'], 'must be an address'],
]);

it('says that a port is in use', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    assert($socket !== false);
    $port = substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    [$status, $output] = startWith(['--empty', '--port', $port]);
    fclose($socket);

    expect($status)->toBe(1)->and($output)->toContain("Port {$port} is in use");
});

it('serves other machines only once a passphrase is set', function (): void {
    [$status, $output] = startWith(['--empty', '--host', '0.0.0.0', '--port', (string) Served::freePort()]);
    expect($status)->toBe(1)->and($output)->toContain('./start --passphrase');

    [$status, $output] = startWith(['--empty', '--passphrase'], input: "short\n");
    expect($status)->toBe(1)->and($output)->toContain('at least 8 characters');

    [$status, $output] = startWith(['--empty', '--passphrase'], input: "long enough, this\n");
    expect($status)->toBe(0)->and($output)->toContain('The passphrase is set');
});

it('says that a folder cannot be written to', function (): void {
    $folder = '/proc/idle-mixer';
    [$status, $output] = startWith(['--empty'], $folder);

    expect($status)->toBe(1)->and($output)->toContain('The folder /proc/idle-mixer cannot be made');
});

it('stops on a signal and leaves no process behind', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-stop-' . bin2hex(random_bytes(4));
    mkdir($folder);
    $port = Served::freePort();
    $pipes = [];
    $process = proc_open(['setsid', Served::root() . '/start', '--empty', '--port', (string) $port], [['file', '/dev/null', 'r'], ['file', "{$folder}/out", 'w'], ['file', "{$folder}/out", 'a']], $pipes, Served::root(), Served::environment($folder));
    assert($process !== false);
    for ($i = 0; $i < 600 && ! str_contains((string) file_get_contents("{$folder}/out"), '(Ctrl-C stops it)'); ++$i) {
        usleep(100_000);
    }
    $running = static fn(): int => count(array_filter(explode("\n", (string) shell_exec("pgrep -f '127.0.0.1:{$port}'")), static fn(string $line): bool => $line !== '' && is_file("/proc/{$line}/cmdline") && str_starts_with((string) file_get_contents("/proc/{$line}/cmdline"), 'php')));
    // Nothing changed since the last start, so nothing is built or installed again.
    expect(trim((string) file_get_contents("{$folder}/out")))->toBe("Idle Mixer is at http://127.0.0.1:{$port}/ (Ctrl-C stops it).");
    expect($running())->toBeGreaterThanOrEqual(3);
    // What Ctrl-C in a terminal sends to the whole foreground group.
    posix_kill(-proc_get_status($process)['pid'], \SIGINT);
    for ($i = 0; $i < 50 && proc_get_status($process)['running']; ++$i) {
        usleep(100_000);
    }
    usleep(300_000);
    expect($running())->toBe(0);
    proc_close($process);
    exec('rm -rf ' . escapeshellarg($folder));
});
