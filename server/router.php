<?php

declare(strict_types=1);

/*
 * What PHP's built-in server asks for every request: built files with validators and a long life, the rest to the
 * application. The server itself would send no cache headers, and would answer a missing path with a dot in it.
 */
(static function (): void {
    $types = [
        'js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2', 'woff' => 'font/woff', 'webmanifest' => 'application/manifest+json', 'png' => 'image/png',
        'ico' => 'image/x-icon',
    ];
    $alone = ['/plain.css', '/favicon.svg', '/favicon.ico', '/icon-192.png', '/icon-512.png', '/manifest.webmanifest'];
    $public = dirname(__DIR__) . '/public';
    $uri = $_SERVER['REQUEST_URI'] ?? '/';
    $path = rawurldecode((string) parse_url(is_string($uri) ? $uri : '/', \PHP_URL_PATH));
    $built = str_starts_with($path, '/build/assets/');
    $worker = $path === '/build/sw.js';
    $type = $types[strtolower(pathinfo($path, \PATHINFO_EXTENSION))] ?? null;
    // A name with a null byte in it is no file, and PHP would stop at it.
    $file = $type !== null && ! str_contains($path, "\0") && ($built || $worker || in_array($path, $alone, true))
        ? realpath($public . $path)
        : false;
    if ($file === false || ! str_starts_with($file, $public . '/')) {
        require $public . '/index.php';

        return;
    }

    $from = $_SERVER['REMOTE_ADDR'] ?? '';
    $here = is_string($from) && ($from === '::1' || str_starts_with($from, '127.') || str_starts_with($from, '::ffff:127.'));
    $data = getenv('MIXER_DATA');
    if (! $here && ! is_file((is_string($data) && $data !== '' ? $data : dirname(__DIR__) . '/var/data') . '/passphrase')) {
        http_response_code(403);

        return;
    }
    // Compressed when it was built: the smallest that the browser takes.
    $accepted = $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '';
    foreach (['br', 'gz'] as $kind) {
        if (is_string($accepted) && str_contains($accepted, $kind === 'gz' ? 'gzip' : 'br') && is_file("{$file}.{$kind}")) {
            $file .= ".{$kind}";
            header('Content-Encoding: ' . ($kind === 'gz' ? 'gzip' : 'br'));
            break;
        }
    }
    header('Vary: Accept-Encoding');
    $tag = '"' . hash('xxh3', $file . filemtime($file) . filesize($file)) . '"';
    header('Content-Type: ' . $type);
    header('ETag: ' . $tag);
    header('Cache-Control: ' . ($built ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('X-Content-Type-Options: nosniff');
    header('Cross-Origin-Resource-Policy: same-origin');
    // What works for the pages while no line is fetches their files, and is there for all of them.
    header($worker ? "Content-Security-Policy: default-src 'none'; connect-src 'self'" : "Content-Security-Policy: default-src 'none'; style-src 'self'");
    if ($worker) {
        header('Service-Worker-Allowed: /');
    }
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
        http_response_code(304);

        return;
    }
    header('Content-Length: ' . filesize($file));
    readfile($file);
})();
