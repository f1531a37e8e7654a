<?php

declare(strict_types=1);

use Tests\Browser\Served;
use Tests\Faults\Call;
use Tests\Faults\Devices;
use Tests\Faults\Long;
use Tests\Faults\PhoneHouse;
use Tests\Faults\Start;

/*
 * Whatever is killed of what ./start runs, the next ./start comes up by itself: it ends what is left of the same notebook, and
 * nothing else, and what was acknowledged is there.
 */

/** @return array<int, string> the processes of a ./start that are not only passing, by number: what each is */
function parts(Start $start): array
{
    $kinds = ['~^bash \S*/start ~' => 'start', '~server/serve~' => 'serve', '~^php -d ~' => 'php', '~php-fpm: master~' => 'fpm', '~php-fpm: pool~' => 'pool', '~^nginx: master~' => 'web', '~^nginx: worker~' => 'web worker'];
    $parts = [];
    foreach ($start->processes() as $number => $what) {
        foreach ($kinds as $pattern => $kind) {
            if (preg_match($pattern, $what) === 1) {
                // What makes the daily copies is of the same script.
                $parts[$number] = $kind === 'start' && in_array('start', $parts, true) ? 'copying' : $kind;
                break;
            }
        }
    }

    return $parts;
}

/** How many plants of that name stand in the notebook that is served there. */
function plantsNamed(string $address, string $name): int
{
    return count(array_filter((array) Devices::one($address, new Call('GET', '/api/plants', []))->at('plants'), static fn(mixed $plant): bool => is_array($plant) && ($plant['name'] ?? '') === $name));
}

it('comes up in five seconds after any one of its processes was killed, with all that was acknowledged', function (array $options): void {
    /** @var list<string> $options */
    $folder = sys_get_temp_dir() . '/idle-mixer-left-' . bin2hex(random_bytes(4));
    $port = PhoneHouse::twoPorts();
    mkdir($folder, 0o700, true);
    file_put_contents("{$folder}/passphrase", password_hash(PhoneHouse::PASSPHRASE, \PASSWORD_BCRYPT, ['cost' => 4]));
    $run = static fn(): Start => Start::run($folder, ['--empty', '--port', (string) $port, ...$options]);
    $start = $run();
    $address = $start->awaitUp();
    $killed = [];
    $slowest = 0.0;
    $names = [];
    for ($round = 0; $round < Long::times(1, 10); ++$round) {
        for ($n = 0; $n < count(parts($start)); ++$n) {
            $parts = parts($start);
            $process = array_keys($parts)[$n] ?? 0;
            // Short, one of each kind is killed, and not each worker.
            if (! isset($parts[$process]) || (! Long::is() && isset($killed[$parts[$process]]))) {
                continue;
            }
            $name = "Aster {$round}-{$n}";
            $names[] = $name;
            expect(Devices::one($address, Call::make('/api/plants', ['name' => $name, 'tolerance' => 'ordinary-leaf']))->status)->toBe(201);
            posix_kill($process, \SIGKILL);
            usleep(200_000);
            $killed[$parts[$process]] = ($killed[$parts[$process]] ?? 0) + 1;
            // A worker is replaced while the rest goes on; all else ends, or is left behind.
            if ($parts[$process] !== 'start' && $start->isRunning()) {
                $start->interrupt();
            }
            $before = hrtime(true);
            $start = $run();
            expect($start->awaitUp())->toBe($address);
            $slowest = max($slowest, (hrtime(true) - $before) / 1e9);
            expect(plantsNamed($address, $name))->toBe(1, "{$parts[$process]} was killed.");
        }
    }
    foreach ($names as $name) {
        expect(plantsNamed($address, $name))->toBe(1);
    }
    $start->interrupt();
    Long::tell($options === [] ? 'left-over' : 'left-over-phone', ['killed' => array_sum($killed), 'of each' => implode(', ', array_map(static fn(string $kind, int $many): string => "{$kind} {$many}", array_keys($killed), $killed)), 'slowest start, s' => round($slowest, 2), 'lost' => 0]);
    // Beside all other tests of ./check a start takes its time.
    expect($slowest)->toBeLessThan(Long::is() ? 5.0 : 60.0)->and(exec('find /proc/[0-9]*/fd -lname ' . escapeshellarg("{$folder}/lock") . ' 2>/dev/null | wc -l'))->toBe('0');
    exec('rm -rf ' . escapeshellarg($folder));
})->with(['to this machine' => [[]], 'to the house' => [['--phone', '--host', '127.0.0.2']]]);

it('ends what a ./start that is gone left behind, says so, and leaves another one alone', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-orphan-' . bin2hex(random_bytes(6));
    $other = "{$folder}-other";
    $ports = [Served::freePort(), Served::freePort()];
    $start = Start::run($folder, ['--empty', '--port', (string) $ports[0]]);
    $address = $start->awaitUp();
    $neighbour = Start::run($other, ['--empty', '--port', (string) $ports[1]]);
    $there = $neighbour->awaitUp();
    $start->killShell();
    expect(Devices::one($address, Call::make('/api/plants', ['name' => 'Still', 'tolerance' => 'ordinary-leaf']))->status)->toBe(201);
    $again = Start::run($folder, ['--port', (string) $ports[0]]);
    expect($again->awaitUp())->toBe($address)->and($again->said())->toMatch('/A server was left behind by a \.\/start that is gone, and was ended \(process \d+/')
        ->and(plantsNamed($address, 'Still'))->toBe(1)
        // Another notebook is nobody's to end, and one that lives is not ended either.
        ->and(Devices::one($there, new Call('GET', '/api/ping', []))->status)->toBe(200);
    [$status, $said] = Start::toTheEnd($folder, ['--port', (string) Served::freePort()]);
    expect($status)->toBe(1)->and($said)->toContain('is in use: process ')->toContain('Stop that one first (Ctrl-C there)');
    [$status, $said] = Start::toTheEnd($folder . '-third', ['--empty', '--port', (string) $ports[1]]);
    expect($status)->toBe(1)->and($said)->toMatch("/Port {$ports[1]} is in use by process \\d+ \\(php /");
    $again->interrupt();
    $neighbour->interrupt();
    exec('rm -rf ' . escapeshellarg($folder) . '*');
});

it('replaces a worker that died, while it serves', function (): void {
    $folder = sys_get_temp_dir() . '/idle-mixer-worker-' . bin2hex(random_bytes(6));
    $start = Start::run($folder, ['--empty', '--port', (string) Served::freePort()]);
    $address = $start->awaitUp();
    $workers = static fn(): array => array_keys(array_filter(parts($start), static fn(string $kind): bool => $kind === 'php'));
    $many = count($workers());
    expect($many)->toBeGreaterThan(2);
    sleep(1);
    $last = $workers()[$many - 1];
    posix_kill($last, \SIGKILL);
    $end = microtime(true) + 10;
    while ((count($workers()) !== $many || in_array($last, $workers(), true)) && microtime(true) < $end) {
        usleep(50_000);
    }
    expect($workers())->not->toContain($last)->toHaveCount($many)->and(Devices::one($address, new Call('GET', '/api/ping', []))->status)->toBe(200);
    $start->interrupt();
    exec('rm -rf ' . escapeshellarg($folder));
});
