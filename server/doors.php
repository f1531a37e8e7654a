<?php

declare(strict_types=1);

/*
 * php server/doors.php FOLDER HOUSE PORT: writes into FOLDER what the web server is told (caddy.json) for three doors. To this
 * machine as ever, plain, at 127.0.0.1:PORT. To the house over TLS at HOUSE:PORT, where everybody needs the passphrase. And at
 * HOUSE:PORT+1, plain, one page that says how to trust this machine, with the certificate of its authority and nothing else.
 */
(static function (): void {
    $given = is_array($_SERVER['argv'] ?? null) ? $_SERVER['argv'] : [];
    $folder = $given[1] ?? null;
    $house = $given[2] ?? null;
    $port = $given[3] ?? null;
    if (! is_string($folder) || ! is_string($house) || ! is_string($port)) {
        throw new InvalidArgumentException('Give the folder, the address and the port.');
    }
    $data = (string) getenv('MIXER_DATA');
    $public = dirname(__DIR__) . '/public';
    $socket = (string) getenv('MIXER_SOCKET');
    $at = static fn(string $address, int $port): string => (str_contains($address, ':') ? "[{$address}]" : $address) . ":{$port}";

    // Whoever sends slowly keeps one of the workers of PHP that long, and no longer: 2 MB within it is a poor wireless line.
    $bounds = ['read_header_timeout' => '10s', 'read_timeout' => '15s', 'write_timeout' => '120s', 'idle_timeout' => '5m', 'max_header_bytes' => 16_384, 'protocols' => ['h1', 'h2'], 'automatic_https' => ['disable' => true]];
    /** @param array<string, string> $headers */
    $fixed = static function (array $headers): array {
        $set = [];
        foreach ($headers as $name => $value) {
            $set[$name] = [$value];
        }

        return ['handler' => 'headers', 'response' => ['set' => $set]];
    };
    $sealed = ['X-Content-Type-Options' => 'nosniff', 'Cross-Origin-Resource-Policy' => 'same-origin'];
    /** @param array<string, string> $besides */
    $files = static fn(string $life, array $besides = []): array => [
        $fixed([...$sealed, 'Cache-Control' => $life, 'Vary' => 'Accept-Encoding', 'Content-Security-Policy' => "default-src 'none'; style-src 'self'", ...$besides]),
        // Compressed when it was built.
        ['handler' => 'file_server', 'root' => $public, 'precompressed' => ['br' => (object) [], 'gzip' => (object) []], 'precompressed_order' => ['br', 'gzip']],
    ];
    $there = ['file' => ['root' => $public, 'try_files' => ['{http.request.uri.path}']]];
    $application = static fn(string $door): array => [
        ['match' => [['path' => ['/build/assets/*'], ...$there]], 'handle' => $files('public, max-age=31536000, immutable'), 'terminal' => true],
        ['match' => [['path' => ['/build/sw.js'], ...$there]], 'handle' => $files('no-cache', ['Content-Security-Policy' => "default-src 'none'; connect-src 'self'", 'Service-Worker-Allowed' => '/']), 'terminal' => true],
        ['match' => [['path' => ['/plain.css', '/favicon.svg', '/favicon.ico', '/icon-192.png', '/icon-512.png', '/manifest.webmanifest'], ...$there]], 'handle' => $files('no-cache'), 'terminal' => true],
        // More than PHP takes is refused before any of it is passed on: a request that breaks off keeps a worker waiting.
        ['match' => [['header_regexp' => ['Content-Length' => ['pattern' => '^(?:209715[3-9]|20971[6-9]\\d|2097[2-9]\\d{2}|209[89]\\d{3}|2[1-9]\\d{5}|[3-9]\\d{6}|\\d{8,})$']]]], 'handle' => [['handler' => 'static_response', 'status_code' => 413, 'headers' => ['Content-Type' => ['application/json']], 'body' => '{"error":{"path":"","message":"What was sent is larger than 2 MB."}}']], 'terminal' => true],
        ['handle' => [
            ['handler' => 'request_body', 'max_size' => 2_100_000],
            ['handler' => 'encode', 'encodings' => ['gzip' => (object) []], 'minimum_length' => 512],
            ['handler' => 'rewrite', 'uri' => '/index.php'],
            [
                'handler' => 'reverse_proxy',
                'upstreams' => [['dial' => "unix/{$socket}"]],
                // The frame of a page goes out before the rest is asked.
                'flush_interval' => -1,
                'transport' => ['protocol' => 'fastcgi', 'root' => $public, 'split_path' => ['.php'], 'env' => ['MIXER_DOOR' => $door]],
            ],
        ]],
    ];
    $nothing = ['handle' => [['handler' => 'static_response', 'status_code' => 421, 'body' => "There is nothing under this name.\n"]]];

    $servers = [
        'house' => [...$bounds, 'listen' => [$at($house, (int) $port)],
            // Who comes by the number of the machine names nobody.
            'tls_connection_policies' => [['default_sni' => $house]],
            'routes' => [['match' => [['host' => [$house]]], 'handle' => [['handler' => 'subroute', 'routes' => $application('house')]], 'terminal' => true], $nothing]],
        'trust' => [...$bounds, 'listen' => [$at($house, (int) $port + 1)], 'routes' => [
            ['match' => [['path' => ['/']]], 'handle' => [['handler' => 'rewrite', 'uri' => '/trust.html'], $fixed([...$sealed, 'Cache-Control' => 'no-store', 'Content-Type' => 'text/html; charset=utf-8', 'Content-Security-Policy' => "default-src 'none'; style-src 'self'; frame-ancestors 'none'", 'Referrer-Policy' => 'no-referrer']), ['handler' => 'file_server', 'root' => "{$folder}/trust"]], 'terminal' => true],
            ['match' => [['path' => ['/idle-mixer.crt']]], 'handle' => [$fixed([...$sealed, 'Cache-Control' => 'no-store', 'Content-Type' => 'application/x-x509-ca-cert', 'Content-Disposition' => 'attachment; filename="idle-mixer.crt"']), ['handler' => 'file_server', 'root' => "{$folder}/trust"]], 'terminal' => true],
            ['match' => [['path' => ['/plain.css']]], 'handle' => $files('no-cache'), 'terminal' => true],
            ['handle' => [['handler' => 'static_response', 'status_code' => 404, 'body' => "Only the page / is here.\n"]]],
        ]],
    ];
    if ($house !== '127.0.0.1') {
        $servers['here'] = [...$bounds, 'listen' => [$at('127.0.0.1', (int) $port)], 'routes' => $application('here')];
    }
    $told = [
        'admin' => ['disabled' => true, 'config' => ['persist' => false]],
        'logging' => ['logs' => ['default' => ['level' => 'ERROR', 'writer' => ['output' => 'stderr'], 'encoder' => ['format' => 'console']]]],
        'storage' => ['module' => 'file_system', 'root' => "{$data}/tls"],
        'apps' => [
            'http' => ['servers' => $servers],
            'tls' => ['certificates' => ['automate' => [$house]], 'automation' => ['policies' => [['subjects' => [$house], 'issuers' => [['module' => 'internal']]]]]],
            'pki' => ['certificate_authorities' => ['local' => ['name' => 'Idle Mixer of this household', 'root_common_name' => 'Idle Mixer of this household', 'install_trust' => false]]],
        ],
    ];
    file_put_contents("{$folder}/caddy.json", json_encode($told, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES));
})();
