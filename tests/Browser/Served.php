<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The application, served by ./start over a notebook of its own, until the tests are through. */
final class Served
{
    /** @var array<string, self> */
    private static array $running = [];

    /** @param resource $process */
    private function __construct(public readonly string $address, private readonly string $folder, private $process) {}

    /** An empty notebook, for the tests that write. */
    public static function empty(): self
    {
        return self::$running['empty'] ??= self::start(['--empty']);
    }

    /** An empty notebook of their own, for the tests that fill the shed. */
    public static function shed(): self
    {
        return self::$running['shed'] ??= self::start(['--empty']);
    }

    /** And one for the tests that put bottles on the shelf. */
    public static function shelf(): self
    {
        return self::$running['shelf'] ??= self::start(['--empty']);
    }

    /** And one for the tests that correct. */
    public static function corrections(): self
    {
        return self::$running['corrections'] ??= self::start(['--empty']);
    }

    /** And one for the tests that test leaves. */
    public static function leaves(): self
    {
        return self::$running['leaves'] ??= self::start(['--empty']);
    }

    /** And one for the tests that walk through the bed. */
    public static function run(): self
    {
        return self::$running['run'] ??= self::start(['--empty']);
    }

    /** And one for the tests that weigh evidence. */
    public static function evidence(): self
    {
        return self::$running['evidence'] ??= self::start(['--empty']);
    }

    /** A demo season that is written to. */
    public static function season(): self
    {
        return self::$running['season'] ??= self::start([]);
    }

    /** An empty notebook that takes in the log of another. */
    public static function library(): self
    {
        return self::$running['library'] ??= self::start(['--empty']);
    }

    /** An empty notebook for what goes wrong while mixing. */
    public static function rescue(): self
    {
        return self::$running['rescue'] ??= self::start(['--empty']);
    }

    /** An empty notebook for what is seen ahead. */
    public static function ahead(): self
    {
        return self::$running['ahead'] ??= self::start(['--empty']);
    }

    /** An empty notebook of somebody to whom new plants come. */
    public static function newcomers(): self
    {
        return self::$running['newcomers'] ??= self::start(['--empty']);
    }

    /** An empty notebook in which two sprays are tried side by side. */
    public static function tried(): self
    {
        return self::$running['tried'] ??= self::start(['--empty']);
    }

    /** An empty notebook that is opened on, and filled by hand once. */
    public static function bare(): self
    {
        return self::$running['bare'] ??= self::start(['--empty']);
    }

    /** The demo season, for the tests that look. */
    public static function demo(): self
    {
        return self::$running['demo'] ??= self::start([]);
    }

    /** The demo season as it ships, for what is measured on it: nothing is written to it. */
    public static function untouched(): self
    {
        return self::$running['untouched'] ??= self::start([]);
    }

    /** A demo season of a household that writes otherwise. */
    public static function elsewhere(): self
    {
        return self::$running['elsewhere'] ??= self::start([]);
    }

    /** An empty notebook in a folder of its own. */
    public static function in(string $folder): self
    {
        return self::start(['--empty'], $folder);
    }

    /** Sets the clock of the server ahead. */
    public function passHours(int $hours): void
    {
        $file = $this->folder . '/clock';
        $ahead = is_file($file) ? (int) file_get_contents($file) : 0;
        file_put_contents($file, (string) ($ahead + 3600 * $hours));
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert($socket !== false);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /** The list of listening sockets says it without a refused connection. */
    public static function isListening(int $port, string $address = '127.0.0.1'): bool
    {
        // The last number of the address comes first.
        $hex = strtoupper(bin2hex(strrev((string) inet_pton($address))));

        return preg_match(sprintf('/: %s:%04X 00000000:0000 0A/', $hex, $port), (string) file_get_contents('/proc/net/tcp')) === 1;
    }

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, string> what ./start must not inherit from the test runner */
    public static function environment(string $folder): array
    {
        $kept = array_filter(getenv(), static fn(string $name): bool => preg_match('/^(APP_|MIXER_|COMPOSER_VENDOR|DB_|XDEBUG)/', $name) !== 1, \ARRAY_FILTER_USE_KEY);

        return [...$kept, 'MIXER_DATA' => $folder, 'MIXER_CLOCK_FILE' => "{$folder}/clock", 'MIXER_WORKERS' => '4'];
    }

    /** @param list<string> $options */
    private static function start(array $options, ?string $folder = null): self
    {
        // Between finding a port free and taking it another process may take it.
        for ($try = 1; $try < 4; ++$try) {
            try {
                return self::startOnce($options, $folder);
            } catch (\RuntimeException $fault) {
                if (! str_contains($fault->getMessage(), 'is in use')) {
                    throw $fault;
                }
            }
        }

        return self::startOnce($options, $folder);
    }

    /** @param list<string> $options */
    private static function startOnce(array $options, ?string $folder): self
    {
        $port = self::freePort();
        $folder ??= sys_get_temp_dir() . '/idle-mixer-' . getmypid() . '-' . $port;
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $pipes = [];
        $process = proc_open([self::root() . '/start', '--port', (string) $port, ...$options], [['file', '/dev/null', 'r'], ['file', "{$folder}/out", 'w'], ['file', "{$folder}/err", 'w']], $pipes, self::root(), self::environment($folder));
        assert($process !== false);
        $served = new self("http://127.0.0.1:{$port}", $folder, $process);
        register_shutdown_function($served->stop(...));
        for ($i = 0; $i < 1200; ++$i) {
            if (str_contains((string) file_get_contents("{$folder}/out"), $served->address)) {
                return $served;
            }
            if (! proc_get_status($process)['running']) {
                break;
            }
            usleep(100_000);
        }
        throw new \RuntimeException('./start did not come up: ' . file_get_contents("{$folder}/out") . file_get_contents("{$folder}/err") . "\n" . self::running());
    }

    /** What runs meanwhile: whoever reads of a start that hangs sees what it hangs on. */
    public static function running(): string
    {
        return (string) shell_exec('ps -eo pid,ppid,etimes,stat,args --sort=pid --columns 180 | grep -v -e chromium -e "\[.*\]$"');
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            proc_terminate($this->process);
            proc_close($this->process);
            exec('rm -rf ' . escapeshellarg($this->folder) . ' 2>/dev/null');
        }
    }
}
