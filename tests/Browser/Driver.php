<?php

declare(strict_types=1);

namespace Tests\Browser;

/** One ChromeDriver for all browser tests, on a free port of this machine. */
final class Driver
{
    private static ?string $address = null;

    public static function address(): string
    {
        if (self::$address === null) {
            $port = Served::freePort();
            $pipes = [];
            $process = proc_open(['chromedriver', "--port={$port}"], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
            assert($process !== false);
            register_shutdown_function(static function () use ($process): void {
                proc_terminate($process);
                proc_close($process);
            });
            self::awaitPort($port);
            self::$address = "http://127.0.0.1:{$port}";
        }

        return self::$address;
    }

    private static function awaitPort(int $port): void
    {
        for ($i = 0; $i < 100; ++$i) {
            if (Served::isListening($port)) {
                return;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('ChromeDriver did not come up.');
    }
}
