<?php

declare(strict_types=1);

/*
 * php server/port.php ADDRESS PORT: whether somebody can listen there; says who does where nobody else can, as far as that may be
 * known. Sockets and who has them open: proc(5), /proc/net/tcp and /proc/PID/fd.
 */
(static function (): void {
    $given = is_array($_SERVER['argv'] ?? null) ? $_SERVER['argv'] : [];
    $address = is_string($given[1] ?? null) ? $given[1] : '';
    $port = is_string($given[2] ?? null) ? $given[2] : '';
    $socket = @stream_socket_server("tcp://{$address}:{$port}", $number, $text);
    if ($socket !== false) {
        return;
    }
    if (! str_contains(strtolower((string) $text), 'in use')) {
        fwrite(\STDERR, "Cannot serve on {$address}: {$text}.\n");
        exit(1);
    }
    $listening = sprintf(':%04X ', (int) $port);
    $inodes = [];
    foreach (['/proc/net/tcp', '/proc/net/tcp6'] as $table) {
        foreach (is_readable($table) ? (array) file($table) : [] as $line) {
            $cells = preg_split('/\s+/', trim((string) $line));
            // State 0A is one that listens.
            if (is_array($cells) && str_contains(($cells[1] ?? '') . ' ', $listening) && ($cells[3] ?? '') === '0A' && isset($cells[9])) {
                $inodes[] = "socket:[{$cells[9]}]";
            }
        }
    }
    $who = '';
    foreach ((array) glob('/proc/[0-9]*/fd/*') as $open) {
        if (is_string($open) && in_array(@readlink($open), $inodes, true)) {
            $process = explode('/', $open)[2];
            $command = trim(str_replace("\0", ' ', (string) @file_get_contents("/proc/{$process}/cmdline")));
            $who = " by process {$process} (" . mb_strimwidth($command, 0, 80, ' …') . ')';
            break;
        }
    }
    fwrite(\STDERR, "Port {$port} is in use{$who}: stop what uses it, or choose another with --port.\n");
    exit(1);
})();
