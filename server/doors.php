<?php

declare(strict_types=1);

/*
 * php server/doors.php FOLDER HOUSE PORT: writes into FOLDER what the web server is told (nginx.conf) for three doors. To this
 * machine as ever, plain, at 127.0.0.1:PORT. To the house over TLS at HOUSE:PORT, where everybody needs the passphrase. And at
 * HOUSE:PORT+1, plain, one page that says how to trust this machine, with the certificate of its authority and nothing else.
 *
 * Bodies are waited for here, whole, and not by PHP, whose few workers a device that sends a byte at a time would keep; before
 * PHP is given one, it is asked without the body whether the sender may speak. Directives: https://nginx.org/en/docs/
 */
(static function (): void {
    $given = is_array($_SERVER['argv'] ?? null) ? $_SERVER['argv'] : [];
    $folder = $given[1] ?? null;
    $house = $given[2] ?? null;
    $port = $given[3] ?? null;
    if (! is_string($folder) || ! is_string($house) || ! is_string($port)) {
        throw new InvalidArgumentException('Give the folder, the address and the port.');
    }
    $text = static fn(string $path): string => '"' . addcslashes($path, '"\\$') . '"';
    $tls = (string) getenv('MIXER_DATA') . '/tls';
    $public = dirname(__DIR__) . '/public';
    $socket = (string) getenv('MIXER_SOCKET');
    $at = static fn(string $address, int $port): string => (str_contains($address, ':') ? "[{$address}]" : $address) . ":{$port}";
    $user = function_exists('posix_geteuid') && posix_geteuid() === 0 ? "user root root;\n" : '';
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'webmanifest' => 'application/manifest+json', 'png' => 'image/png', 'ico' => 'image/x-icon'];

    /** @param array<string, string> $besides */
    $headers = static function (string $life, array $besides = []): string {
        /** @var array<string, string> $all */
        $all = ['X-Content-Type-Options' => 'nosniff', 'Cross-Origin-Resource-Policy' => 'same-origin', 'Cache-Control' => $life, ...$besides];

        $told = '';
        foreach ($all as $name => $value) {
            $told .= "add_header {$name} \"{$value}\" always; ";
        }

        return $told;
    };
    $files = "default-src 'none'; style-src 'self'";
    // Compressed when it was built: the name of what is sent ends in br or gz, and its type is that of what it was.
    $served = static fn(string $where, string $type, string $told): string => "        location {$where} { types { {$type} } charset utf-8; charset_types text/javascript text/css; gzip off; add_header Content-Encoding \$coding; add_header Vary Accept-Encoding; {$told}try_files \$uri\$ending =404; }\n";
    $shipped = '';
    foreach ($types as $ending => $type) {
        $shipped .= $served("~ ^/build/assets/.*\\.{$ending}\$", "{$type} {$ending} br gz;", $headers('public, max-age=31536000, immutable', ['Content-Security-Policy' => $files]));
    }
    $shipped .= $served('= /build/sw.js', 'text/javascript js br gz;', $headers('no-cache', ['Content-Security-Policy' => "default-src 'none'; connect-src 'self'", 'Service-Worker-Allowed' => '/']));
    foreach (['plain.css', 'favicon.svg', 'favicon.ico', 'icon-192.png', 'icon-512.png', 'manifest.webmanifest'] as $name) {
        $ending = pathinfo($name, \PATHINFO_EXTENSION);
        $shipped .= $served("= /{$name}", "{$types[$ending]} {$ending} br gz;", $headers('no-cache', ['Content-Security-Policy' => $files]));
    }

    $php = static fn(string $door): string => <<<PHP
        fastcgi_pass unix:{$socket};
                    fastcgi_param SCRIPT_FILENAME {$text($public . '/index.php')};
                    fastcgi_param SCRIPT_NAME /index.php;
                    fastcgi_param QUERY_STRING \$query_string;
                    fastcgi_param CONTENT_TYPE \$content_type;
                    fastcgi_param SERVER_PROTOCOL \$server_protocol;
                    fastcgi_param REMOTE_ADDR \$remote_addr;
                    fastcgi_param REMOTE_PORT \$remote_port;
                    fastcgi_param SERVER_ADDR \$server_addr;
                    fastcgi_param SERVER_PORT \$server_port;
                    fastcgi_param SERVER_NAME \$host;
                    fastcgi_param HTTPS \$https if_not_empty;
                    fastcgi_param HTTP_PROXY "";
                    fastcgi_param MIXER_DOOR {$door};
                    fastcgi_read_timeout 120s;
        PHP;
    $application = static fn(string $door): string => <<<CONF
                root {$text($public)};
                recursive_error_pages on;
                set \$ending "";
                set \$coding "";
                if (-f \$document_root\$uri\$smaller) { set \$ending \$smaller; set \$coding \$coded; }
        {$shipped}
                location / {
                    # Whoever sends a body is let in first.
                    if (\$request_method !~ ^(GET|HEAD)\$) { return 418; }
                    error_page 418 = @body;
                    error_page 413 = @too-large;
                    fastcgi_param REQUEST_URI \$request_uri;
                    fastcgi_param REQUEST_METHOD \$request_method;
                    # The frame of a page goes out before the rest is asked.
                    fastcgi_buffering off;
                    {$php($door)}
                }
                location @body {
                    auth_request /the-door;
                    error_page 401 403 = @refused;
                    error_page 413 = @too-large;
                    fastcgi_param REQUEST_URI \$request_uri;
                    fastcgi_param REQUEST_METHOD \$request_method;
                    fastcgi_param CONTENT_LENGTH \$content_length;
                    {$php($door)}
                }
                # Its answer to who is not let in is PHP's own, without the body.
                location @refused {
                    fastcgi_param REQUEST_URI \$request_uri;
                    fastcgi_param REQUEST_METHOD \$request_method;
                    fastcgi_param CONTENT_LENGTH 0;
                    fastcgi_pass_request_body off;
                    {$php($door)}
                }
                location = /passphrase {
                    client_max_body_size 4k;
                    fastcgi_param REQUEST_URI \$request_uri;
                    fastcgi_param REQUEST_METHOD \$request_method;
                    fastcgi_param CONTENT_LENGTH \$content_length;
                    {$php($door)}
                }
                location = /the-door {
                    internal;
                    fastcgi_pass_request_body off;
                    fastcgi_param REQUEST_URI /api/ping;
                    fastcgi_param REQUEST_METHOD GET;
                    fastcgi_param CONTENT_LENGTH "";
                    {$php($door)}
                }
                error_page 413 = @too-large;
                location @too-large { internal; default_type application/json; return 413 '{"error":{"path":"","message":"What was sent is larger than 2 MB."}}'; }
        CONF;

    $nothing = 'default_type "text/plain; charset=utf-8"; return 421 "There is nothing under this name.\n";';
    $name = str_contains($house, ':') ? "\"[{$house}]\"" : $house;
    $here = $house === '127.0.0.1' ? '' : <<<CONF
            server {
                listen {$at('127.0.0.1', (int) $port)};
        {$application('here')}
            }
        CONF;
    file_put_contents("{$folder}/nginx.conf", <<<CONF
        {$user}daemon off;
        pid {$text("{$folder}/nginx.pid")};
        error_log stderr error;
        worker_processes 1;
        events { worker_connections 1024; }
        http {
            access_log off;
            server_tokens off;
            client_body_temp_path {$text("{$folder}/nginx/body")};
            fastcgi_temp_path {$text("{$folder}/nginx/fastcgi")};
            proxy_temp_path {$text("{$folder}/nginx/proxy")};
            uwsgi_temp_path {$text("{$folder}/nginx/uwsgi")};
            scgi_temp_path {$text("{$folder}/nginx/scgi")};
            # Whoever sends slowly is waited for here, and by no worker of PHP; but not for ever.
            client_header_timeout 10s;
            client_body_timeout 15s;
            send_timeout 30s;
            keepalive_timeout 300s;
            client_max_body_size 2m;
            large_client_header_buffers 4 16k;
            fastcgi_request_buffering on;
            # More at a time is no household's screen.
            limit_conn_zone \$binary_remote_addr zone=devices:1m;
            limit_conn devices 32;
            limit_conn_status 429;
            ssl_protocols TLSv1.2 TLSv1.3;
            gzip on;
            gzip_types application/json image/svg+xml text/javascript text/css;
            gzip_min_length 512;
            gzip_vary on;
            default_type application/octet-stream;
            map \$http_accept_encoding \$smaller { default ""; "~*\\bbr\\b" .br; "~*\\bgzip\\b" .gz; }
            map \$smaller \$coded { default ""; .br br; .gz gzip; }
            server {
                listen {$at($house, (int) $port)} ssl http2 default_server;
                server_name _;
                ssl_certificate {$text("{$tls}/house.crt")};
                ssl_certificate_key {$text("{$tls}/house.key")};
                {$nothing}
            }
            server {
                listen {$at($house, (int) $port)} ssl http2;
                server_name {$name};
                ssl_certificate {$text("{$tls}/house.crt")};
                ssl_certificate_key {$text("{$tls}/house.key")};
        {$application('house')}
            }
            server {
                listen {$at($house, (int) $port + 1)};
                root {$text("{$folder}/trust")};
                location = / { default_type "text/html; charset=utf-8"; types { } {$headers('no-store', ['Content-Security-Policy' => "default-src 'none'; style-src 'self'; frame-ancestors 'none'", 'Referrer-Policy' => 'no-referrer'])}try_files /trust.html =404; }
                location = /idle-mixer.crt { default_type application/x-x509-ca-cert; types { } {$headers('no-store', ['Content-Disposition' => 'attachment; filename=idle-mixer.crt'])}try_files /idle-mixer.crt =404; }
                location = /plain.css { root {$text($public)}; types { text/css css; } {$headers('no-cache', ['Content-Security-Policy' => $files])}try_files /plain.css =404; }
                location / { default_type "text/plain; charset=utf-8"; return 404 "Only the page / is here.\n"; }
            }
        {$here}
        }

        CONF);
})();
