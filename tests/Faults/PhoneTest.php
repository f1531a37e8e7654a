<?php

declare(strict_types=1);

use Tests\Browser\Served;
use Tests\Faults\Phone;
use Tests\Faults\PhoneHouse;
use Tests\Faults\Start;

/*
 * From the phone at the bench: ./start --phone as a user without rights, and a client that trusts what it printed and nothing else.
 * Another address of the loopback network stands for the house: whoever comes by that door is let in by passphrase alone.
 */

/** What ./start needs of the project, in a folder of its own that belongs to nobody else. */
function copyForNobody(): string
{
    $copy = sys_get_temp_dir() . '/idle-mixer-nobody-' . bin2hex(random_bytes(4));
    $from = escapeshellarg(Served::root());
    $parts = 'start artisan app bootstrap compat config core/src core/data core/words database routes public resources schemas server openapi.yaml composer.json package.json package-lock.json vite.config.ts tsconfig.json var/vendor node_modules/qrcode-generator';
    exec('mkdir -m 755 ' . escapeshellarg($copy) . " && cd {$from} && cp -a --parents {$parts} " . escapeshellarg($copy) . '/ && mkdir ' . escapeshellarg("{$copy}/data") . ' && chown -R 65534:65534 ' . escapeshellarg($copy) . ' 2>/dev/null; chmod -R go= ' . escapeshellarg("{$copy}/data"), $said, $failed);
    file_put_contents("{$copy}/data/passphrase", password_hash(PhoneHouse::PASSPHRASE, \PASSWORD_BCRYPT, ['cost' => 4]));
    if (posix_geteuid() === 0) {
        chown("{$copy}/data/passphrase", 65534);
    }

    return $failed === 0 ? $copy : throw new RuntimeException('The project could not be copied.');
}

function ofPlain(string $url): int
{
    $handle = curl_init($url);
    curl_setopt_array($handle, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_PATH_AS_IS => true]);
    curl_exec($handle);

    return curl_getinfo($handle, \CURLINFO_RESPONSE_CODE);
}

/**
 * @param array<int, string> $processes
 *
 * @return array<int, string> those that still run
 */
function stillRunning(array $processes): array
{
    return array_filter($processes, static fn(int $number): bool => preg_match('/^[^ZX]/', trim((string) shell_exec("ps -o stat= -p {$number}"))) === 1, \ARRAY_FILTER_USE_KEY);
}

it('serves the house encrypted as a user without rights, to whoever trusts its authority and has the passphrase, and leaves nothing behind', function (): void {
    $copy = copyForNobody();
    $port = PhoneHouse::twoPorts();
    $start = Start::asNobody($copy, "{$copy}/data", ['--empty', '--phone', '--host', '127.0.0.2', '--port', (string) $port]);
    $doors = $start->awaitHouse();
    expect($doors->bench)->toBe("https://127.0.0.2:{$port}")->and($doors->trust)->toBe('http://127.0.0.2:' . ($port + 1));

    // The plain page brings the authority that was printed, how to trust it, and nothing else of the application.
    $page = (string) file_get_contents($doors->trust . '/');
    $authority = "{$copy}/fetched.crt";
    file_put_contents($authority, (string) file_get_contents($doors->trust . '/idle-mixer.crt'));
    $fingerprint = implode(':', str_split(strtoupper((string) openssl_x509_fingerprint((string) file_get_contents($authority), 'sha256')), 2));
    expect($fingerprint)->toBe($doors->fingerprint)
        ->and($page)->toContain($doors->fingerprint)->toContain("{$doors->bench}/")
        ->and(ofPlain($doors->trust . '/api/plants'))->toBe(404)
        ->and(ofPlain($doors->trust . '/trust/../nginx.conf'))->toBe(404)
        ->and(ofPlain($doors->trust . '/'))->toBe(200);

    // Whoever does not trust it hears nothing.
    $stranger = new Phone($doors->bench, null);
    $stranger->get('/');
    expect($stranger->error)->toBeIn([\CURLE_SSL_CACERT, \CURLE_SSL_CACERT_BADFILE])->and($stranger->status)->toBe(0);

    $phone = new Phone($doors->bench, $authority);
    $asked = $phone->get('/');
    expect([$phone->error, $phone->status, $phone->version])->toBe([0, 401, \CURL_HTTP_VERSION_2_0])->and($asked)->toContain('Passphrase');
    // Nothing of the notebook without the passphrase, by no address that the application has.
    preg_match_all("#^  '?(/api/[^\\s']+)'?:\$#m", (string) file_get_contents(Served::root() . '/openapi.yaml'), $paths);
    expect(count($paths[1]))->toBeGreaterThan(60);
    foreach ($paths[1] as $path) {
        foreach (['GET', 'POST', 'PUT'] as $method) {
            $phone->send($method, str_replace(['{id}', '{load}', '{scoop}', '{number}', '{leaf}', '{plant}'], '1', $path), '{}');
            expect("{$method} {$path} {$phone->status}")->toBe("{$method} {$path} 401");
        }
    }
    expect($phone->enter('not this one'))->toBe(403)->and($phone->enter(PhoneHouse::PASSPHRASE))->toBe(303)
        ->and($phone->headers['set-cookie'] ?? '')->toContain('secure')->toContain('httponly')->toContain('samesite=strict');
    $bench = $phone->get('/bench', ['Accept-Encoding: gzip']);
    expect($phone->status)->toBe(200)->and($phone->headers['content-encoding'] ?? '')->toBe('gzip')->and((string) gzdecode($bench))->toContain('Idle Mixer');

    // Files are compressed as they were when they were built, and kept for long.
    preg_match('#/build/assets/[^"]+\.js#', (string) gzdecode($bench), $script);
    $file = $phone->get($script[0] ?? '', ['Accept-Encoding: br, gzip']);
    expect([$phone->status, $phone->headers['content-encoding'] ?? '', $phone->headers['cache-control'] ?? ''])->toBe([200, 'br', 'public, max-age=31536000, immutable'])
        ->and($file)->toBe((string) file_get_contents($copy . '/public' . ($script[0] ?? '') . '.br'));

    // Under another name there is nothing; a page of another site writes nothing; this machine is in as ever.
    $misled = new Phone($doors->bench, $authority);
    $misled->get('/', ['Host: mixer.example']);
    expect($misled->status)->toBe(421);
    $plant = '{"submission":"5f0c1f0e-0000-4000-8000-000000000001","name":"Fern"}';
    $phone->send('POST', '/api/plants', $plant, ['Content-Type: application/json', 'Origin: https://mixer.example']);
    expect($phone->status)->toBe(403);
    expect((string) file_get_contents("http://127.0.0.1:{$port}/api/plants"))->toBe('{"plants":[]}');

    expect(Served::isListening($port, '127.0.0.2'))->toBeTrue()->and(Served::isListening($port + 1, '127.0.0.2'))->toBeTrue();

    // All of it belongs to that user, and nobody else reads the keys.
    $keys = (array) glob("{$copy}/data/tls/*.key");
    expect($keys)->not->toBe([]);
    foreach ($keys as $key) {
        expect(fileperms((string) $key) & 0o077)->toBe(0);
    }
    $running = $start->processes();
    expect(preg_grep('/^(nginx: |php-fpm)/', $running))->toHaveCount(7)
        ->and($start->interrupt())->toBe(0)
        ->and(stillRunning($running))->toBe([])
        ->and(file_exists("{$copy}/data/serve/php.sock"))->toBeFalse()
        ->and(glob("{$copy}/data/notebook.sqlite-*"))->toBe([]);
    foreach ([['127.0.0.2', $port], ['127.0.0.2', $port + 1], ['127.0.0.1', $port]] as [$host, $one]) {
        expect(Served::isListening($one, $host))->toBeFalse();
    }

    // The next start has the same authority: nobody has to trust anew.
    $again = Start::asNobody($copy, "{$copy}/data", ['--empty', '--phone', '--host', '127.0.0.2', '--port', (string) $port]);
    expect($again->awaitHouse()->fingerprint)->toBe($doors->fingerprint);
    $phone->get('/api/plants');
    expect([$phone->error, $phone->status])->toBe([0, 200]);
    // Where one of the two servers ends, nothing goes on by half.
    $running = $again->processes();
    exec('pkill -f ' . escapeshellarg("nginx: master process nginx -p {$copy}"));
    expect($again->await())->not->toBe(0)->and(stillRunning($running))->toBe([]);

    // Nor where all that ./start runs is killed at once.
    $third = Start::asNobody($copy, "{$copy}/data", ['--empty', '--phone', '--host', '127.0.0.2', '--port', (string) $port]);
    $third->awaitHouse();
    $running = $third->processes();
    $third->kill();
    for ($i = 0; $i < 400 && stillRunning($running) !== []; ++$i) {
        usleep(50_000);
    }
    expect(stillRunning($running))->toBe([]);
    exec('rm -rf ' . escapeshellarg($copy));
});

it('says what --phone needs, in one line', function (array $options, string $said): void {
    /** @var list<string> $options */
    $folder = sys_get_temp_dir() . '/idle-mixer-needs-' . bin2hex(random_bytes(4));
    [$status, $output] = Start::toTheEnd($folder, ['--empty', '--phone', ...$options]);
    exec('rm -rf ' . escapeshellarg($folder));

    expect($status)->toBe(1)->and($output)->toContain($said)->and(substr_count($output, "\n"))->toBe(0);
})->with([
    'every address at once' => [['--host', '0.0.0.0'], 'must be this machine’s address in the house'],
    'this machine alone' => [['--host', '127.0.0.1'], 'must be this machine’s address in the house'],
    'no port left for the page that says how to trust it' => [['--host', '127.0.0.2', '--port', '65535'], 'must be below 65535'],
    'a passphrase' => [['--host', '127.0.0.2'], './start --passphrase'],
]);
