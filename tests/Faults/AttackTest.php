<?php

declare(strict_types=1);

use Tests\Faults\Devices;
use Tests\Faults\Fuzz;
use Tests\Faults\House;
use Tests\Faults\Inside;
use Tests\Faults\Long;
use Tests\Faults\MadeUp;
use Tests\Faults\Phone;
use Tests\Faults\PhoneHouse;
use Tests\Faults\Reply;

/*
 * What somebody sends who means harm, and what must not come of it.
 */

/**
 * One that makes calls up until enough are made.
 *
 * @param array<int, int> $said how many answers of each status
 *
 * @return Generator<mixed, Tests\Faults\Call, Reply, mixed>
 */
function attacker(int $seed, int &$left, array &$said): Generator
{
    $fuzz = new Fuzz($seed);
    while ($left-- > 0) {
        $call = $fuzz->call();
        $reply = yield $call;
        $said[$reply->status] = ($said[$reply->status] ?? 0) + 1;
        MadeUp::mayBe($seed, $call, $reply);
    }
}

it('breaks at nothing that is made up from its own description, and tells nothing of its inside', function (): void {
    $given = getenv('MIXER_SEED');
    $seed = $given === false ? 20261127 : (int) $given;
    $calls = $left = Long::times(600, 50_000);
    $house = House::build();
    $house->open();
    $house->serve();
    $said = [];
    $attackers = [];
    for ($n = 0; $n < 8; ++$n) {
        $attackers[] = attacker($seed + $n, $left, $said);
    }
    Devices::run($house->address, $attackers);
    $log = "{$house->folder}/storage/logs/mixer.log";
    ksort($said);
    Long::tell('fuzz', ['calls' => $calls, 'seed' => (string) $seed, 'answers' => implode(', ', array_map(static fn(int $status, int $many): string => "{$status}: " . number_format($many), array_keys($said), $said)), 'of 500' => $said[500] ?? 0]);
    // Some of it was well formed, some was refused with a reason, and nothing broke.
    expect($said[200] ?? 0)->toBeGreaterThan($calls / 20)->and($said[422] ?? 0)->toBeGreaterThan($calls / 10)
        ->and(is_file($log) ? (string) file_get_contents($log) : '')->toBe('');
    $house->kill();
});

it('breaks at nothing of the same without a line between, where a thousand are made up while one is sent', function (): void {
    $given = getenv('MIXER_SEED');
    $seed = $given === false ? 20261130 : (int) $given;
    $calls = Long::times(400, 1_000_000);
    $house = House::build();
    $house->open();
    $said = [];
    $pair = static function (int $first, int $each) use ($house, &$said): void {
        $both = array_map(static fn(int $of): Inside => Inside::begin($house, ['fuzz', (string) $of, (string) $each]), [$first, $first + 1]);
        foreach ($both as $one) {
            foreach ($one->sums() as $status => $many) {
                $said[$status] = ($said[$status] ?? 0) + $many;
            }
            expect($one->end())->toBe('');
        }
    };
    // In notebooks that grow no further than a household's: what a list of thousands takes is measured elsewhere.
    for ($n = 0; $n * 25_000 < $calls; $n += 2) {
        $pair($seed + $n, min(25_000, intdiv($calls, 2)));
        $house->artisan('mixer:open', '--empty', '--fresh');
    }
    // And over the demo, where most that is named is there, and answers are long.
    $house->artisan('mixer:open', '--fresh');
    $pair($seed - 2, Long::times(60, 10_000));
    $log = "{$house->folder}/storage/logs/mixer.log";
    ksort($said);
    Long::tell('fuzz-inside', ['calls' => array_sum($said), 'seed' => (string) $seed, 'answers' => implode(', ', array_map(static fn(int $status, int $many): string => "{$status}: " . number_format($many), array_keys($said), $said)), 'of 500' => $said[500] ?? 0]);
    expect(array_sum($said))->toBeGreaterThanOrEqual($calls)
        ->and($said[200] ?? 0)->toBeGreaterThan($calls / 20)->and($said[422] ?? 0)->toBeGreaterThan($calls / 10)
        ->and(is_file($log) ? (string) file_get_contents($log) : '')->toBe('');
});

it('lets nobody in by headers, methods or addresses that claim something', function (): void {
    $house = PhoneHouse::served();
    $phone = new Phone($house->doors->bench, $house->authority());
    foreach (['X-Forwarded-For: 127.0.0.1', 'X-Real-IP: 127.0.0.1', 'Forwarded: for=127.0.0.1', 'X-Forwarded-Host: 127.0.0.1', 'X-Original-URL: /api/ping', 'X-Rewrite-URL: /api/ping', 'MIXER-DOOR: here', 'X-HTTP-Method-Override: GET', 'Client-IP: 127.0.0.1', 'Authorization: Basic YWRtaW46YWRtaW4=', 'Cookie: idle_mixer=1; passphrase-of=1'] as $header) {
        $phone->get('/api/plants', [$header]);
        expect("{$header} {$phone->status}")->toBe("{$header} 401");
    }
    foreach (['TRACE', 'CONNECT', 'DELETE', 'PATCH', 'OPTIONS', 'PROPFIND', 'GET\r\nX: y', str_repeat('A', 300)] as $method) {
        $phone->send($method, '/api/plants', '');
        expect($phone->status)->not->toBe(200)->and($phone->status)->toBeLessThan(500);
    }
    foreach (['/build/assets/../../index.php', '/build/assets/..%2f..%2findex.php', '/%2e%2e/%2e%2e/etc/passwd', '/index.php', '/index.php/api/plants', '/.env', '/var/data/key', '/build/.vite/manifest.json', '/build/assets/%00', '//api/plants', '/api//plants', '/API/plants', '/api/plants/%00', '/api/plants;x=1', '/' . str_repeat('a/', 3000), '/?' . str_repeat('a=b&', 3000)] as $path) {
        $body = $phone->get($path);
        expect($phone->status)->not->toBe(200, $path)->and($phone->status)->toBeLessThan(500, $path)->and($body)->not->toContain('root:', '<?php', 'base64:');
    }
    // A page of another site sends the cookie of nobody, and is refused where it writes.
    $known = new Phone($house->doors->bench, $house->authority());
    expect($known->enter(PhoneHouse::PASSPHRASE))->toBe(303);
    foreach (['https://evil.invalid', 'null', 'http://127.0.0.2', str_replace('https', 'http', $house->doors->bench)] as $origin) {
        $known->send('PUT', '/api/household', '{}', ['Content-Type: application/json', "Origin: {$origin}"]);
        expect("{$origin} {$known->status}")->toBe("{$origin} 403");
    }
    // More than anybody needs is refused before it is read.
    $known->send('POST', '/api/plan', str_repeat(' ', 3_000_000));
    expect($known->status)->toBe(413);
});

/**
 * A request that is begun from an address of its own, and goes on a byte at a time.
 *
 * @param string      $address   where it is served
 * @param string|null $authority that vouches for it; null where nothing is encrypted
 *
 * @return resource
 */
function slowly(string $address, ?string $authority, string $from, string $cookie)
{
    $context = stream_context_create(['socket' => ['bindto' => "{$from}:0"], 'ssl' => ['cafile' => (string) $authority, 'peer_name' => '127.0.0.2']]);
    $socket = @stream_socket_client(strtr($address, ['https' => 'tls', 'http' => 'tcp']), $code, $why, 5.0, \STREAM_CLIENT_CONNECT, $context);
    assert($socket !== false);
    stream_set_blocking($socket, false);
    fwrite($socket, "POST /api/bench HTTP/1.1\r\nHost: " . parse_url($address, \PHP_URL_HOST) . "\r\n" . ($cookie === '' ? '' : "Cookie: {$cookie}\r\n") . "Content-Type: application/json\r\nContent-Length: 4000\r\n\r\n{");

    return $socket;
}

/** @return float median of so many answers, in ms */
function medianOf(Phone $phone, int $many): float
{
    $took = [];
    for ($i = 0; $i < $many; ++$i) {
        $before = hrtime(true);
        $phone->get('/api/today?zone=UTC');
        $took[] = (hrtime(true) - $before) / 1e6;
        expect($phone->status)->toBe(200);
    }
    sort($took);

    return $took[intdiv($many, 2)];
}

it('lets nobody wait for those who send a byte at a time, whether they were let in or not', function (string $door): void {
    if ($door === 'phone') {
        $house = PhoneHouse::served();
        [$address, $authority, $cookie] = [$house->doors->bench, $house->authority(), $house->cookie()];
    } else {
        $plain = House::build();
        $plain->open();
        $plain->serve();
        [$address, $authority, $cookie] = [$plain->address, null, ''];
    }
    assert($address !== '');
    $phone = new Phone($address, $authority);
    if ($authority !== null) {
        $phone->enter(PhoneHouse::PASSPHRASE);
    }
    medianOf($phone, 10);
    $many = Long::times(30, 120);
    $quiet = medianOf($phone, $many);
    $slow = [];
    for ($i = 0; $i < 64; ++$i) {
        $slow[] = slowly($address, $authority, '127.0.0.' . (3 + $i % 4), $i % 2 === 0 ? $cookie : '');
    }
    usleep(300_000);
    $took = [];
    for ($i = 0; $i < 5; ++$i) {
        foreach ($slow as $socket) {
            @fwrite($socket, ' ');
        }
        $took[] = medianOf($phone, intdiv($many, 5));
        $phone->get('/api/ping');
        expect($phone->status)->toBe(200);
    }
    foreach ($slow as $socket) {
        fclose($socket);
    }
    sort($took);
    Long::tell("slow-{$door}", ['slow senders' => 64, 'median in a quiet minute, ms' => round($quiet, 1), 'median beside them, ms' => round($took[2], 1), 'ratio' => round($took[2] / $quiet, 2)]);
    // Beside all other tests of ./check, times say little: there it is that nobody waits as long as the slow ones go on.
    expect($took[2])->toBeLessThan(Long::is() ? 2 * $quiet : 10 * $quiet + 2_000);
})->with(['over --phone' => ['phone'], 'over plain ./start' => ['plain']]);

/** @return array<string, string> bodies that are made up to take long, by what they are */
function heavy(): array
{
    return [
        'numbers that fall into one place' => '{' . implode(',', array_map(static fn(int $n): string => '"' . $n * 65_536 . '":0', range(1, 60_000))) . '}',
        'names that fall into one place' => '{' . implode(',', array_map(static fn(int $n): string => '"' . strtr(sprintf('%016b', $n), ['0' => 'Ez', '1' => 'FY']) . '":0', range(0, 25_000))) . '}',
        'lists in lists' => str_repeat('[', 900_000),
        'lists beside lists' => '[' . str_repeat('[],', 300_000) . '[]]',
        'four hundred digits' => '{"request":{"recipe":"mild-soap","make":{"amount":' . str_repeat('9', 400) . ',"unit":"L"}}}',
        'one key again and again' => '{' . str_repeat('"a":0,', 150_000) . '"a":0}',
        'strokes' => '{"a":"' . str_repeat('\\\\', 400_000) . '"}',
        'packed' => (string) gzencode(str_repeat(' ', 60_000_000), 9),
    ];
}

it('is held up by no body that is made up to be slow, by whichever door and whoever sends it', function (): void {
    $house = PhoneHouse::served();
    $plain = House::build();
    $plain->open();
    $plain->serve();
    $stranger = new Phone($house->doors->bench, $house->authority());
    $known = new Phone($house->doors->bench, $house->authority());
    $known->enter(PhoneHouse::PASSPHRASE);
    assert($plain->address !== '');
    $here = new Phone($plain->address, null);
    $slowest = ['stranger' => 0.0, 'known' => 0.0, 'plain' => 0.0];
    foreach (['stranger' => $stranger, 'known' => $known, 'plain' => $here] as $who => $phone) {
        foreach (heavy() as $what => $body) {
            foreach (['/api/bench', '/api/cases'] as $path) {
                $before = hrtime(true);
                $phone->send('POST', $path, $body, ['Content-Type: application/json', ...$what === 'packed' ? ['Content-Encoding: gzip'] : []]);
                $took = (hrtime(true) - $before) / 1e9;
                $slowest[$who] = max($slowest[$who], $took);
                expect("{$who}, {$what}: {$phone->status}")->toBe("{$who}, {$what}: " . ($who === 'stranger' ? 401 : 422));
            }
            $phone->get('/api/ping');
            expect($phone->status)->toBe($who === 'stranger' ? 401 : 200);
        }
    }
    $plain->kill();
    Long::tell('heavy', ['bodies' => count(heavy()), ...array_combine(array_map(static fn(string $who): string => "longest, {$who}, s", array_keys($slowest)), array_map(static fn(float $took): float => round($took, 3), array_values($slowest)))]);
    expect(max($slowest))->toBeLessThan(Long::is() ? 0.5 : 8.0);
});

it('takes five guesses of the passphrase in a minute, however many are sent at once', function (): void {
    $house = PhoneHouse::served();
    $times = Long::times(60, 2_000);
    if (Long::is()) {
        sleep(61);
    }
    $handles = curl_multi_init();
    // More lines at once than a house has devices would only measure how many a machine opens.
    curl_multi_setopt($handles, \CURLMOPT_MAX_TOTAL_CONNECTIONS, 60);
    $all = [];
    for ($i = 0; $i < $times; ++$i) {
        $handle = curl_init("{$house->doors->bench}/passphrase");
        curl_setopt_array($handle, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_CAINFO => $house->authority(), \CURLOPT_POSTFIELDS => http_build_query(['passphrase' => "guess number {$i}"]), \CURLOPT_TIMEOUT => 300]);
        curl_multi_add_handle($handles, $handle);
        $all[] = $handle;
    }
    do {
        curl_multi_exec($handles, $running);
        curl_multi_select($handles, 0.05);
    } while ($running > 0);
    $status = array_count_values(array_map(static fn(CurlHandle $handle): int => curl_getinfo($handle, \CURLINFO_RESPONSE_CODE), $all));
    Long::tell('guesses', ['sent at once' => $times, 'heard' => $status[403] ?? 0, 'held back' => $status[429] ?? 0]);
    ksort($status);
    expect($status)->toBe([403 => 5, 429 => $times - 5]);
});
